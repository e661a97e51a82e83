namespace AllSound.Web;

/// <summary>What the server is told when it starts.</summary>
/// <param name="Database">Path of the SQLite file.</param>
/// <param name="Urls">Addresses to listen on; loopback unless told otherwise.</param>
/// <param name="WebRoot">Folder of the built front end.</param>
/// <param name="Import">A job file to put in at the start, or null.</param>
/// <param name="Instruments">Host and port of the instrument service.</param>
/// <param name="Supplier">Host and port of the supplier's price service.</param>
/// <param name="Weather">Host and port of the weather service.</param>
/// <param name="Fresh">Replace a job of the same id with the one put in.</param>
/// <param name="Copies">Folder of the automatic copies; null for none.</param>
/// <param name="Log">File of the log; null for none.</param>
/// <param name="Hosts">Names that it answers to beside those of loopback.</param>
/// <param name="TrustedNetwork">It may listen beyond loopback.</param>
/// <param name="ReadOnly">Open the file for reading only.</param>
internal sealed record Settings(
    string Database,
    string[] Urls,
    string WebRoot,
    string? Import,
    bool Fresh,
    string Instruments,
    string Supplier,
    string Weather,
    string? Copies,
    string? Log,
    string[] Hosts,
    bool TrustedNetwork,
    bool ReadOnly
)
{
    public const string DefaultUrl = "http://127.0.0.1:5170";

    public static Settings From(IConfiguration configuration)
    {
        var database = Path.GetFullPath(configuration["db"] ?? Path.Combine(Path.GetTempPath(), $"allsound-{Guid.NewGuid():N}.db"));
        var copies = configuration["copies"] ?? Path.Combine(Path.GetDirectoryName(database)!, "copies");
        var log = configuration["log"] ?? Path.ChangeExtension(database, ".log");
        return new(
            database,
            (configuration["urls"] ?? DefaultUrl).Split(';', StringSplitOptions.RemoveEmptyEntries),
            Path.GetFullPath(configuration["web"] ?? Path.Combine(AppContext.BaseDirectory, "web")),
            configuration["import"],
            configuration.GetValue("fresh", defaultValue: false),
            configuration["instruments"] ?? "127.0.0.1:5180",
            configuration["supplier"] ?? "127.0.0.1:5184",
            configuration["weather"] ?? "127.0.0.1:5185",
            copies == "none" ? null : Path.GetFullPath(copies),
            log == "none" ? null : Path.GetFullPath(log),
            (configuration["hosts"] ?? "").Split([';', ','], StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries),
            configuration.GetValue("trusted-network", defaultValue: false),
            configuration.GetValue("read-only", defaultValue: false)
        );
    }
}
