namespace AllSound.Web;

/// <summary>What the server is told when it starts.</summary>
/// <param name="Database">Path of the SQLite file.</param>
/// <param name="Urls">Addresses to listen on; loopback unless told otherwise.</param>
/// <param name="WebRoot">Folder of the built front end.</param>
/// <param name="Import">A job file to put in at the start, or null.</param>
/// <param name="Instruments">Host and port of the instrument service.</param>
/// <param name="Fresh">Replace a job of the same id with the one put in.</param>
internal sealed record Settings(string Database, string[] Urls, string WebRoot, string? Import, bool Fresh, string Instruments)
{
    public const string DefaultUrl = "http://127.0.0.1:5170";

    public static Settings From(IConfiguration configuration) =>
        new(
            configuration["db"] ?? Path.Combine(Path.GetTempPath(), $"allsound-{Guid.NewGuid():N}.db"),
            (configuration["urls"] ?? DefaultUrl).Split(';', StringSplitOptions.RemoveEmptyEntries),
            Path.GetFullPath(configuration["web"] ?? Path.Combine(AppContext.BaseDirectory, "web")),
            configuration["import"],
            configuration.GetValue("fresh", defaultValue: false),
            configuration["instruments"] ?? "127.0.0.1:5180"
        );
}
