using System.Numerics;
using System.Runtime.CompilerServices;
using System.Runtime.InteropServices;
using AllSound.Core.Treatment;

namespace AllSound.Core.Surfaces;

/// <summary>Things that must dry before the next coat, each on its own clock.</summary>
public enum Drying : byte
{
    /// <summary>Wash water.</summary>
    Wash,

    /// <summary>Filler.</summary>
    Filler,

    /// <summary>Caulk.</summary>
    Caulk,

    /// <summary>Paint: the last coat, spot or overall.</summary>
    Coat,
}

/// <summary>
/// The set of facts that is a surface at one moment. A small immutable value: the search copies, hashes and compares
/// many thousands of them. Every facet has a value; facts that the survey left unknown were resolved before
/// (see Inspection.Appraisal) to the worst the age and place allow, or to a stated assumption.
/// </summary>
public readonly struct Condition : IEquatable<Condition>
{
    /// <summary>Places for facets.</summary>
    public const int Capacity = 64;

    private readonly Bytes facets;

    // Minutes still to dry, 16 bits for each member of Drying; ceil of a day in the window below.
    private readonly ulong clocks;
    private readonly byte windowDays;

    // Minutes until the weather counts; 0 when that goes by the clocks.
    private readonly ushort shelter;

    private Condition(in Bytes facets, ulong clocks, byte windowDays, ushort shelter)
    {
        this.facets = facets;
        this.clocks = clocks;
        this.windowDays = windowDays;
        this.shelter = shelter;
    }

    /// <summary>The raw value of a facet.</summary>
    public byte this[Facet facet] => facets[facet.Index];

    /// <summary>The raw value of the facet at an index.</summary>
    internal byte this[int index] => facets[index];

    /// <summary>The value of a facet.</summary>
    public T Get<T>(Facet<T> facet)
        where T : struct, Enum => Unsafe.BitCast<byte, T>(facets[facet.Index]);

    /// <summary>A copy with one facet changed.</summary>
    public Condition With<T>(Facet<T> facet, T value)
        where T : struct, Enum => With(facet.Index, Facet<T>.Byte(value));

    internal Condition With(int index, byte value)
    {
        var copy = facets;
        copy[index] = value;
        return new Condition(copy, clocks, windowDays, shelter);
    }

    /// <summary>A copy with the effects applied; guards are read from this condition, before any change.</summary>
    internal Condition Changed(ReadOnlySpan<Effect> effects)
    {
        var copy = facets;
        foreach (var effect in effects)
        {
            if (effect.Applies(this))
            {
                copy[effect.Facet.Index] = effect.Result(copy[effect.Facet.Index]);
            }
        }

        return new Condition(copy, clocks, windowDays, shelter);
    }

    /// <summary>Minutes that this still has to dry; 0 when dry.</summary>
    public int MinutesLeft(Drying drying) => (int)((clocks >> (16 * (int)drying)) & 0xFFFF);

    /// <summary>Minutes until everything is dry.</summary>
    public int LongestLeft => Math.Max(Math.Max(MinutesLeft(Drying.Wash), MinutesLeft(Drying.Filler)), Math.Max(MinutesLeft(Drying.Caulk), MinutesLeft(Drying.Coat)));

    /// <summary>A copy in which this has so many minutes to dry (0 to 65,535), or longer if it already had.</summary>
    internal Condition Wetted(Drying drying, int minutes)
    {
        var left = Math.Max(MinutesLeft(drying), Math.Min(minutes, ushort.MaxValue));
        var shift = 16 * (int)drying;
        return new Condition(facets, (clocks & ~(0xFFFFUL << shift)) | ((ulong)left << shift), windowDays, shelter);
    }

    /// <summary>Days until the last coat may no longer be overcoated without keying; null when there is no limit.</summary>
    public int? WindowDays => windowDays == 0 ? null : windowDays;

    internal Condition WithWindow(int? days) => new(facets, clocks, (byte)Math.Min(days ?? 0, 255), shelter);

    /// <summary>
    /// A copy in which the weather does not count before so many minutes (1 to 65,535), or longer if it already did not. For
    /// an audit, which reckons with the least waits: nobody is blamed for having waited as long as is advised.
    /// </summary>
    internal Condition Sheltered(int minutes) => new(facets, clocks, windowDays, (ushort)Math.Max(shelter, Math.Min(minutes, ushort.MaxValue)));

    /// <summary>The condition after so many minutes in which nothing is done.</summary>
    /// <exception cref="ArgumentOutOfRangeException">The time is negative.</exception>
    public Condition After(int minutes)
    {
        ArgumentOutOfRangeException.ThrowIfNegative(minutes);
        if (minutes == 0)
        {
            return this;
        }

        var next = 0UL;
        for (var i = 0; i < 4; i++)
        {
            var left = (int)((clocks >> (16 * i)) & 0xFFFF);
            next |= (ulong)Math.Max(0, left - minutes) << (16 * i);
        }

        var window = windowDays;
        var copy = facets;
        if (window != 0 && minutes > window * 1440)
        {
            copy[Facets.Overdue.Index] = (byte)Presence.Present;
            window = 0;
        }

        var later = new Condition(copy, next, window, (ushort)(shelter == 0 ? 0 : Math.Max(1, shelter - minutes)));
        if (minutes > (shelter > 0 ? shelter : LongestLeft + (Touching.ExposedHours * 60)))
        {
            later = later.Changed(Touching.Soiling);
        }

        return minutes > Touching.BareMetalHours * 60 && later.Get(Facets.Prep) != Prep.None && later.Get(Facets.Bare) == Bare.Raw
            ? later.Changed(Touching.FlashRust)
            : later;
    }

    /// <inheritdoc/>
    public bool Equals(Condition other) =>
        clocks == other.clocks
        && windowDays == other.windowDays
        && shelter == other.shelter
        && ((ReadOnlySpan<byte>)facets).SequenceEqual((ReadOnlySpan<byte>)other.facets);

    /// <inheritdoc/>
    public override bool Equals(object? obj) => obj is Condition other && Equals(other);

    /// <inheritdoc/>
    public override int GetHashCode()
    {
        var words = MemoryMarshal.Cast<byte, ulong>((ReadOnlySpan<byte>)facets);
        var hash = clocks * 0x9E3779B97F4A7C15UL + windowDays;
        foreach (var word in words)
        {
            hash = BitOperations.RotateLeft(hash ^ word, 29) * 0xBF58476D1CE4E5B9UL;
        }

        return (int)(hash ^ (hash >> 32));
    }

    /// <summary>Same facts.</summary>
    public static bool operator ==(Condition left, Condition right) => left.Equals(right);

    /// <summary>Other facts.</summary>
    public static bool operator !=(Condition left, Condition right) => !left.Equals(right);

    [InlineArray(Capacity)]
    private struct Bytes
    {
        private byte first;
    }
}
