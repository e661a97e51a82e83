using AllSound.Core.Sources;

namespace AllSound.Core.Climate;

/// <summary>Moist air at ordinary pressure: dew point, and how far a face is above it.</summary>
public static class Air
{
    /// <summary>The margin that a face must have above the dew point to be coated, kelvin (ISO 8502-4, from memory).</summary>
    public const double LeastMarginK = 3;

    // Magnus coefficients over water; within 0.35 K from -45 to 60 C. Textbook, from memory.
    private const double A = 17.62;
    private const double B = 243.12;
    private const double SaturationPa = 611.2;

    /// <summary>Where the formula comes from.</summary>
    public static Source Source { get; } = Source.Standard("Magnus formula; ISO 8502-4");

    /// <summary>The temperature at which the air gives up water.</summary>
    /// <param name="celsius">Air temperature, -45 to 60 degrees Celsius.</param>
    /// <param name="humidity">Relative humidity, above 0 to 100 percent.</param>
    /// <returns>Dew point, degrees Celsius.</returns>
    /// <exception cref="ArgumentOutOfRangeException">A value is outside its range.</exception>
    public static double DewPoint(double celsius, double humidity)
    {
        if (!(celsius is >= -45 and <= 60))
        {
            throw new ArgumentOutOfRangeException(nameof(celsius), celsius, "Air is -45 to 60 °C.");
        }

        if (!(humidity is > 0 and <= 100))
        {
            throw new ArgumentOutOfRangeException(nameof(humidity), humidity, "Humidity is above 0 to 100 %.");
        }

        var g = Math.Log(humidity / 100) + (A * celsius / (B + celsius));
        return B * g / (A - g);
    }

    /// <summary>How far a face is above the dew point, kelvin; negative when water stands on it.</summary>
    /// <param name="celsius">Air temperature, degrees Celsius.</param>
    /// <param name="humidity">Relative humidity, percent.</param>
    /// <param name="faceCelsius">Temperature of the face, degrees Celsius.</param>
    public static double Margin(double celsius, double humidity, double faceCelsius) => faceCelsius - DewPoint(celsius, humidity);

    /// <summary>Water in a cubic metre of air, grams: the Magnus formula and the gas law of water vapour (461.5 J/kg K, textbook, from memory).</summary>
    /// <param name="celsius">Air temperature, degrees Celsius.</param>
    /// <param name="humidity">Relative humidity, percent.</param>
    public static double VapourGrams(double celsius, double humidity) =>
        humidity / 100 * SaturationPa * Math.Exp(A * celsius / (B + celsius)) / (461.5 * (celsius + 273.15)) * 1000;
}
