using System.Diagnostics;
using AllSound.StandIns;

// A stand-in for a service that is outside of the program, on loopback: supplier or weather [--port N] [--seed N] [--fault NAME] [--with PID].
// POST /fault?name=NAME changes what is wrong with it while it runs.
if (args is not [var kind, ..] || kind is not ("supplier" or "weather"))
{
    await Console.Error.WriteLineAsync("usage: supplier|weather [--port N] [--seed N] [--fault NAME] [--with PID]");
    return 2;
}

var settings = new ConfigurationBuilder().AddCommandLine(args[1..]).Build();
var trouble = new Trouble();
if (settings["fault"] is { } fault && !trouble.Set(fault))
{
    await Console.Error.WriteLineAsync($"There is no fault '{fault}'. Known: {string.Join(", ", Trouble.Names)}.");
    return 2;
}

var builder = WebApplication.CreateSlimBuilder();
builder.WebHost.UseUrls($"http://127.0.0.1:{settings.GetValue("port", kind == "weather" ? 5185 : 5184)}");
builder.Logging.SetMinimumLevel(LogLevel.Warning);
var app = builder.Build();
app.MapPost("/fault", (string name) => trouble.Set(name) ? Results.NoContent() : Results.BadRequest($"Known: {string.Join(", ", Trouble.Names)}."));
var seed = settings.GetValue("seed", 1904);
if (kind == "weather")
{
    var station = new WeatherStation(seed, TimeProvider.System);
    app.MapGet(
        "/forecast.csv",
        Task<IResult> (HttpContext context, CancellationToken gone, double latitude = 52) =>
            latitude is >= -90 and <= 90
                ? trouble.Answer(context, () => station.Forecast(latitude, trouble.Is("wrong"), trouble.Is("old")), "text/csv", gone)
                : Task.FromResult(Results.BadRequest("Latitude is -90 to 90."))
    );
}
else
{
    var counter = new TradeCounter(seed, TimeProvider.System);
    app.MapGet(
        "/prices.csv",
        Task<IResult> (HttpContext context, CancellationToken gone) => trouble.Answer(context, () => counter.Prices(trouble.Is("out-of-stock")), "text/csv", gone)
    );
}

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

await app.StartAsync();
Console.WriteLine($"{kind} on {string.Join(" ", app.Urls)}");
await app.WaitForShutdownAsync();
return 0;
