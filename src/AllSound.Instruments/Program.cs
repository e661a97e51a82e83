using System.Diagnostics;
using AllSound.Instruments;

// A stand-in for a bag of site instruments: --port for the stream (default 5180), --http for the same over HTTP
// (default 5181), --seed, and --with PID to stop when that process does. Loopback only.
var settings = new ConfigurationBuilder().AddCommandLine(args).Build();
var port = settings.GetValue("port", 5180);
var http = settings.GetValue("http", 5181);
var builder = WebApplication.CreateSlimBuilder();
builder.WebHost.UseUrls($"http://127.0.0.1:{http}");
builder.Logging.SetMinimumLevel(LogLevel.Warning);
var bag = new Bag(settings.GetValue("seed", 1904), TimeProvider.System);
builder.Services.AddHostedService(_ => new Line(bag, port));
var app = builder.Build();
app.MapGet("/instruments", () => Results.Text(Line.Answer(bag, """{"ask":"list"}"""), "application/json"));
app.MapPost(
    "/read",
    async (HttpRequest request) =>
    {
        using var reader = new StreamReader(request.Body);
        return Results.Text(Line.Answer(bag, await reader.ReadToEndAsync()), "application/json");
    }
);
if (settings.GetValue<int?>("with") is { } owner)
{
    _ = Task.Run(async () =>
    {
        try
        {
            await Process.GetProcessById(owner).WaitForExitAsync();
        }
        catch (ArgumentException)
        {
            // It is gone already.
        }

        await app.StopAsync();
    });
}

await app.RunAsync();
