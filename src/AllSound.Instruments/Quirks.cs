namespace AllSound.Instruments;

/// <summary>How far an instrument strays from the truth, in its own unit.</summary>
/// <param name="Resolution">Smallest step that it shows.</param>
/// <param name="Noise">Standard deviation of one reading.</param>
/// <param name="DriftPerHundred">How far it has drifted after a hundred readings.</param>
/// <param name="Slip">How far out a reading is when the hand that holds it slips.</param>
/// <param name="Least">Least that it shows.</param>
/// <param name="Most">Most that it shows.</param>
internal sealed record Quirks(double Resolution, double Noise, double DriftPerHundred, double Slip, double Least, double Most)
{
    /// <summary>One reading in thirty is taken carelessly. Judgement.</summary>
    private const double Careless = 1.0 / 30;

    /// <summary>What the display shows for a true value.</summary>
    /// <param name="truth">The true value.</param>
    /// <param name="taken">Readings taken before this one.</param>
    /// <param name="chance">Seeded chance.</param>
    public double Show(double truth, int taken, Random chance)
    {
        // Two uniform numbers make one of a bell curve (Box and Muller).
        var bell = Math.Sqrt(-2 * Math.Log(1 - chance.NextDouble())) * Math.Cos(2 * Math.PI * chance.NextDouble());
        var slip = chance.NextDouble() < Careless ? Slip * (chance.NextDouble() < 0.5 ? -1 : 1) : 0;
        var shown = truth + (DriftPerHundred * taken / 100) + (Noise * bell) + slip;
        return Math.Clamp(Math.Round(shown / Resolution) * Resolution, Least, Most);
    }
}
