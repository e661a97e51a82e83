namespace AllSound.Core.Climate;

/// <summary>What a film dries by.</summary>
public enum DriesBy : byte
{
    /// <summary>Water leaves it.</summary>
    Water,

    /// <summary>Oil or alkyd takes up oxygen.</summary>
    Oxygen,

    /// <summary>Two parts react.</summary>
    Reaction,

    /// <summary>Lime or silicate sets.</summary>
    Lime,
}

/// <summary>How the air moves over a film.</summary>
public enum AirFlow : byte
{
    /// <summary>Still room.</summary>
    Still,

    /// <summary>Windows open on two sides.</summary>
    Through,

    /// <summary>Half a metre to a metre a second.</summary>
    Moving,
}

/// <summary>How much longer a film takes to dry than at 20 °C and 50 %, as its label has it. A model by judgement from common practice.</summary>
/// <param name="Warmth">Factor for the temperature.</param>
/// <param name="Damp">Factor for the humidity.</param>
/// <param name="Flow">Factor for the movement of the air.</param>
/// <param name="Film">Factor for a film thicker or thinner than usual.</param>
public readonly record struct DryingPace(double Warmth, double Damp, double Flow, double Film)
{
    /// <summary>Least and most that the factors come to together.</summary>
    private const double Least = 0.5;
    private const double Most = 8;

    /// <summary>From here on waiting for better weather is the better advice.</summary>
    public const double BetterWait = 5;

    // Waterborne film beyond this humidity takes up no more time, but does not form either.
    private const double DampestWater = 85;

    /// <summary>All of them together.</summary>
    public double Total => Math.Clamp(Warmth * Damp * Flow * Film, Least, Most);

    /// <summary>The lowest temperature at which such a film forms, degrees Celsius.</summary>
    /// <param name="by">What it dries by.</param>
    public static double Coldest(DriesBy by) =>
        by switch
        {
            DriesBy.Water => 8,
            DriesBy.Reaction => 10,
            _ => 5,
        };

    /// <summary>The pace in some air.</summary>
    /// <param name="by">What the film dries by.</param>
    /// <param name="celsius">Temperature of air and face, degrees Celsius.</param>
    /// <param name="humidity">Relative humidity, percent, 0 to 100.</param>
    /// <param name="flow">How the air moves.</param>
    /// <param name="film">Film laid over the film that the label means; 1 where they are the same.</param>
    public static DryingPace In(DriesBy by, double celsius, double humidity, AirFlow flow, double film = 1) =>
        new(
            Math.Pow(2, (20 - celsius) / (by is DriesBy.Water or DriesBy.Oxygen ? 12 : 10)),
            by switch
            {
                DriesBy.Water => 50 / (100 - Math.Min(humidity, DampestWater)),
                DriesBy.Oxygen => humidity switch
                {
                    <= 75 => 1,
                    <= 80 => 1 + (0.2 * (humidity - 75) / 5),
                    _ => 1.2 + (0.3 * (Math.Min(humidity, 85) - 80) / 5),
                },
                _ => 1,
            },
            (by, flow) switch
            {
                (DriesBy.Water, AirFlow.Still) => 1.3,
                (DriesBy.Water, AirFlow.Moving) => 0.7,
                (DriesBy.Oxygen, AirFlow.Still) => 1.2,
                (DriesBy.Oxygen, AirFlow.Moving) => 0.8,
                (DriesBy.Lime, AirFlow.Moving) => 0.8,
                _ => 1,
            },
            by switch
            {
                DriesBy.Water => Math.Pow(film, 1.5),
                DriesBy.Oxygen => film * film,
                DriesBy.Lime => Math.Pow(1.5, Math.Log2(film)),
                _ => 1,
            }
        );
}
