namespace AllSound.Storage;

/// <summary>A database file that cannot be used, said in words for its owner: what is wrong, and what to do.</summary>
public sealed class DatabaseFault : Exception
{
    /// <summary>With what to say.</summary>
    public DatabaseFault(string message)
        : base(message) { }

    /// <summary>With what to say, and what was behind it.</summary>
    public DatabaseFault(string message, Exception inner)
        : base(message, inner) { }

    /// <summary>Without words; not used.</summary>
    public DatabaseFault() { }
}

/// <summary>Whether what is recorded can be saved.</summary>
/// <param name="Writable">False: opened for reading only.</param>
/// <param name="Says">Why it is not, and what to do; "sound" when it is.</param>
public sealed record DatabaseHealth(bool Writable, string Says)
{
    /// <summary>Everything is as it should be.</summary>
    public static readonly DatabaseHealth Sound = new(true, "sound");
}
