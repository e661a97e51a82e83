using System.Diagnostics.CodeAnalysis;
using System.Numerics;
using System.Runtime.CompilerServices;
using System.Runtime.InteropServices;

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
    public const int Capacity = 200;

    private readonly Bytes facets;

    // Minutes still to dry, 16 bits for each member of Drying.
    private readonly ulong clocks;

    // Minutes until the last coat must be keyed before the next; 0 when there is no limit.
    private readonly int window;

    // Minutes that prepared metal has stood bare.
    private readonly ushort stood;

    // Minutes until the weather counts; 0 when that goes by the clocks.
    private readonly ushort shelter;

    private Condition(in Bytes facets, ulong clocks, int window, ushort stood, ushort shelter)
    {
        this.facets = facets;
        this.clocks = clocks;
        this.window = window;
        this.stood = stood;
        this.shelter = shelter;
    }

    /// <summary>The raw values of all facets, in order of index.</summary>
    [UnscopedRef]
    internal ReadOnlySpan<byte> Values => ((ReadOnlySpan<byte>)facets)[..Facets.All.Length];

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
        return new Condition(copy, clocks, window, stood, shelter);
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

        return new Condition(copy, clocks, window, stood, shelter);
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
        return new Condition(facets, (clocks & ~(0xFFFFUL << shift)) | ((ulong)left << shift), window, stood, shelter);
    }

    /// <summary>Minutes until the last coat may no longer be overcoated without keying; null when there is no limit.</summary>
    public int? WindowMinutes => window == 0 ? null : window;

    internal Condition WithWindow(int? days) => new(facets, clocks, (days ?? 0) * 1440, stood, shelter);

    /// <summary>Minutes that prepared metal has stood bare; 0 where there is none.</summary>
    internal int MinutesBare => stood;

    /// <summary>A copy whose bare metal has just been prepared.</summary>
    internal Condition FreshlyPrepared() => new(facets, clocks, window, 0, shelter);

    /// <summary>
    /// A copy in which the weather does not count before so many minutes (1 to 65,535), or longer if it already did not. For
    /// an audit, which reckons with the least waits: nobody is blamed for having waited as long as is advised.
    /// </summary>
    internal Condition Sheltered(int minutes) => new(facets, clocks, window, stood, (ushort)Math.Max(shelter, Math.Min(minutes, ushort.MaxValue)));

    /// <summary>A copy in which the weather counts again: what follows is planned and not judged.</summary>
    internal Condition Unsheltered() => new(facets, clocks, window, stood, 0);

    /// <summary>
    /// A copy in which everything wet takes so many times as long to dry (1 or more): cold or damp air. How long bare metal may stand, and when a
    /// coat must be keyed, goes by the clock all the same.
    /// </summary>
    internal Condition Slowed(double times)
    {
        var copy = this;
        for (var i = 0; i < 4; i++)
        {
            copy = copy.Wetted((Drying)i, (int)Math.Ceiling(Math.Min(copy.MinutesLeft((Drying)i) * times, ushort.MaxValue)));
        }

        return copy;
    }

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
            next |= (ulong)Math.Max(0, MinutesLeft((Drying)i) - minutes) << (16 * i);
        }

        var copy = facets;
        var left = Math.Max(0, window - minutes);
        if (window != 0 && minutes > window)
        {
            copy[Facets.Overdue.Index] = (byte)Presence.Present;
        }
        else if (window != 0)
        {
            // On the last minute it may still be overcoated.
            left = Math.Max(1, left);
        }

        var bare = Get(Facets.Prep) != Prep.None && Get(Facets.Bare) == Bare.Raw;
        var standing = bare ? (ushort)Math.Min(stood + minutes, ushort.MaxValue) : (ushort)0;
        var later = new Condition(copy, next, left, standing, (ushort)(shelter == 0 ? 0 : Math.Max(1, shelter - minutes)));
        if (minutes > (shelter > 0 ? shelter : LongestLeft + (Weathering.ExposedHours * 60)))
        {
            later = later.Changed(Weathering.Soiling);
        }

        return standing > Weathering.BareMetalHours * 60 ? later.Changed(Weathering.FlashRust) : later;
    }

    /// <inheritdoc/>
    public bool Equals(Condition other) =>
        clocks == other.clocks
        && window == other.window
        && stood == other.stood
        && shelter == other.shelter
        && ((ReadOnlySpan<byte>)facets).SequenceEqual((ReadOnlySpan<byte>)other.facets);

    /// <inheritdoc/>
    public override bool Equals(object? obj) => obj is Condition other && Equals(other);

    /// <inheritdoc/>
    public override int GetHashCode()
    {
        var words = MemoryMarshal.Cast<byte, ulong>((ReadOnlySpan<byte>)facets);
        var hash = clocks * 0x9E3779B97F4A7C15UL + (ulong)window;
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
