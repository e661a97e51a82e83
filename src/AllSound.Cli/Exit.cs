namespace AllSound.Cli;

/// <summary>Exit codes of the command line.</summary>
internal static class Exit
{
    public const int Done = 0;
    public const int FileAtFault = 1;
    public const int Usage = 2;
}
