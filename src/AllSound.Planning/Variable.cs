using System.Collections.Immutable;

namespace AllSound.Planning;

/// <summary>A state variable with a finite domain: its values are 0 to <see cref="Size"/> - 1.</summary>
/// <param name="Index">Place in the domain's list, 0 to <see cref="Domain.MostVariables"/> - 1.</param>
/// <param name="Name">Name for messages and exports.</param>
/// <param name="Size">Number of values, 1 to 64, so that a set of values is one word.</param>
/// <remarks>Finite-domain representation as in C. Bäckström and B. Nebel, "Complexity results for SAS+ planning" (1995), from memory.</remarks>
public sealed record Variable(int Index, string Name, int Size)
{
    /// <summary>The set of all its values, a bit each.</summary>
    public ulong AllValues => Size == 64 ? ulong.MaxValue : (1UL << Size) - 1;
}

/// <summary>A condition on one variable: its value is one of a set.</summary>
/// <param name="Variable">Index of the variable.</param>
/// <param name="Allowed">Bit n set: value n passes.</param>
public readonly record struct Test(int Variable, ulong Allowed)
{
    /// <summary>Does this value pass?</summary>
    public bool Allows(byte value) => ((Allowed >> value) & 1) != 0;
}

/// <summary>
/// Something that operators require and goals are made of. It holds when any one of its tests does; one without tests always holds.
/// </summary>
/// <param name="Index">Place in the domain's list, 0 to <see cref="PropositionSet.Capacity"/> - 1.</param>
/// <param name="Name">Name for messages and exports.</param>
/// <param name="Any">The tests.</param>
/// <example>"The door can be opened" holds when the lock is open or the key is in hand: <c>[new(lock, 0b10), new(key, 0b10)]</c>.</example>
public sealed record Proposition(int Index, string Name, ImmutableArray<Test> Any);
