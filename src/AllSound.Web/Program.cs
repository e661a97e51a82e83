using System.Runtime.InteropServices;
using System.Threading.RateLimiting;
using AllSound.Core.Exchange;
using AllSound.Storage;
using AllSound.Web;
using Microsoft.AspNetCore.Http.Timeouts;
using Microsoft.AspNetCore.ResponseCompression;
using Microsoft.Extensions.FileProviders;
using Serilog;
using Serilog.Events;
using Serilog.Formatting.Compact;

_ = Warmth.Begin();

// Whatever this program writes is for its owner alone.
_ = OwnFilesOnly(0x3F);
var builder = WebApplication.CreateBuilder(new WebApplicationOptions { Args = Flags(args), ContentRootPath = AppContext.BaseDirectory });

// When the build has the API described, the program is made and not run: it leaves no file behind.
var describing = System.Reflection.Assembly.GetEntryAssembly()?.GetName().Name == "GetDocument.Insider";
var settings = Settings.From(builder.Configuration);
if (Guard.RefuseToListen(settings) is { } why)
{
    await Console.Error.WriteLineAsync(why);
    return 2;
}

builder.WebHost.UseUrls(settings.Urls);
builder.WebHost.ConfigureKestrel(kestrel =>
{
    kestrel.AddServerHeader = false;
    kestrel.Limits.MaxConcurrentConnections = 500;
});
builder.Logging.ClearProviders();
builder.Logging.SetMinimumLevel(LogLevel.Warning).AddFilter("AllSound", LogLevel.Information);
if (settings.Log is { } log && !describing)
{
    builder.Logging.AddSerilog(
        new LoggerConfiguration()
            .MinimumLevel.Warning()
            .MinimumLevel.Override("AllSound", LogEventLevel.Information)
            .Enrich.With(new NoAddresses())
            .WriteTo.File(new CompactJsonFormatter(), log, fileSizeLimitBytes: 10_000_000, rollOnFileSizeLimit: true, retainedFileCountLimit: 5)
            .CreateLogger(),
        dispose: true
    );
}

builder.Services.ConfigureHttpJsonOptions(options => WireFormat.Apply(options.SerializerOptions));
builder.Services.AddProblemDetails(options =>
    options.CustomizeProblemDetails = context =>
    {
        // What is said where nothing but the number was.
        context.ProblemDetails.Title = (context.ProblemDetails.Status, context.ProblemDetails.Title) switch
        {
            (404, "Not Found") => "There is no such address.",
            (405, "Method Not Allowed") => "That cannot be done at this address.",
            (415, "Unsupported Media Type") => "This address takes another content type. Nothing was changed.",
            (503, "Service Unavailable") => "Too much is asked at once: nothing was changed. Try again in a moment.",
            (504, "Gateway Timeout") => "It took too long and was stopped: nothing was changed.",
            var (_, title) => title,
        };
    }
);

// What is wrong with a parameter is then said by Failures, in its own name.
builder.Services.Configure<RouteHandlerOptions>(options => options.ThrowOnBadRequest = true);
builder.Services.AddExceptionHandler<Failures>();
builder.Services.AddOpenApi("v1", WireFormat.Describe);
builder.Services.AddResponseCompression(options =>
{
    options.EnableForHttps = true;
    options.MimeTypes = [.. ResponseCompressionDefaults.MimeTypes, "image/svg+xml", "application/problem+json"];
});
builder.Services.AddRequestTimeouts(options =>
    options.DefaultPolicy = new RequestTimeoutPolicy { Timeout = TimeSpan.FromSeconds(60), TimeoutStatusCode = StatusCodes.Status504GatewayTimeout }
);
builder.Services.AddRateLimiter(options =>
{
    options.RejectionStatusCode = StatusCodes.Status503ServiceUnavailable;
    options.GlobalLimiter = PartitionedRateLimiter.Create<HttpContext, int>(_ =>
        RateLimitPartition.GetConcurrencyLimiter(
            0,
            _ => new ConcurrencyLimiterOptions
            {
                PermitLimit = 16,
                QueueLimit = 400,
                QueueProcessingOrder = QueueProcessingOrder.OldestFirst,
            }
        )
    );
});
builder.Services.AddSingleton(settings);
builder.Services.AddSingleton<Guard>();
builder.Services.AddSingleton(_ => Database.Open(settings.Database, settings.ReadOnly));
builder.Services.AddSingleton<JobStore>();
builder.Services.AddSingleton<PictureStore>();
builder.Services.AddSingleton<Analysis>();
builder.Services.AddSingleton<Programmes>();
if (!describing)
{
    builder.Services.AddHostedService<Housekeeping>();
    builder.Services.AddHostedService<Forethought>();
}

builder.Services.AddSingleton(_ => new InstrumentLine(settings.Instruments));
builder.Services.AddSingleton(_ => new SupplierLine(settings.Supplier));
builder.Services.AddSingleton(_ => new WeatherLine(settings.Weather));

var app = builder.Build();
app.Use(
    async (context, next) =>
    {
        var begun = TimeProvider.System.GetTimestamp();
        context.Response.Headers.ContentSecurityPolicy =
            "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; frame-ancestors 'none'; base-uri 'none'; form-action 'none'; object-src 'none'";
        context.Response.Headers.XContentTypeOptions = "nosniff";
        context.Response.Headers["Referrer-Policy"] = "no-referrer";
        context.Response.Headers["Cross-Origin-Resource-Policy"] = "same-origin";
        context.Response.Headers["Cross-Origin-Opener-Policy"] = "same-origin";
        await next(context);
        // The pattern, not the address: ids are made of titles.
        var route = (context.GetEndpoint() as RouteEndpoint)?.RoutePattern.RawText ?? "other";
        var took = TimeProvider.System.GetElapsedTime(begun).TotalMilliseconds;
        context
            .RequestServices.GetRequiredService<ILogger<Guard>>()
            .Answered(context.Request.Method, route, context.Response.StatusCode, Math.Round(took, 1), context.Request.ContentLength ?? 0);
    }
);
app.UseExceptionHandler();
app.UseStatusCodePages();
app.UseResponseCompression();
app.UseRouting();
app.UseRateLimiter();
app.UseRequestTimeouts();
app.Use(
    (context, next) =>
    {
        BodyLimit.LiftServerLimit(context);
        return (context.RequestServices.GetRequiredService<Guard>().Refuse(context) ?? RequestSpeech.Take(context)) is { } refusal
            ? refusal.ExecuteAsync(context)
            : next(context);
    }
);
app.MapOpenApi("/api/openapi/{documentName}.json");
app.MapJobs();
app.MapTables();
app.MapArchives();
app.MapChanges();
app.MapSurfaces();
app.MapCatalogue();
app.MapInstruments();
app.MapPhotos();
app.MapTrade();
app.MapReckoner();
app.MapProgramme();
app.MapSite();
app.MapWalls();

if (Directory.Exists(settings.WebRoot))
{
    var files = new PhysicalFileProvider(settings.WebRoot);
    app.UseDefaultFiles(new DefaultFilesOptions { FileProvider = files });
    app.UseStaticFiles(
        new StaticFileOptions
        {
            FileProvider = files,
            OnPrepareResponse = file =>
                file.Context.Response.Headers.CacheControl =
                    file.File.Name.EndsWith(".html", StringComparison.Ordinal) || file.File.Name is "sw.js" or "manifest.webmanifest"
                        ? "no-cache"
                        : "public, max-age=31536000, immutable",
        }
    );
    // Within a job the page asks for the bench at once; a build without that page has the other.
    var within = files.GetFileInfo("job.html").Exists ? "job.html" : "index.html";
    app.MapFallbackToFile("{*path:nonfile:regex(^(?!api(/|$)))}", within, new StaticFileOptions { FileProvider = files });
}

if (describing)
{
    await app.RunAsync();
    return 0;
}

try
{
    _ = app.Services.GetRequiredService<Database>();
}
catch (DatabaseFault fault)
{
    await Console.Error.WriteLineAsync(fault.Message);
    return 1;
}

if (app.Services.GetRequiredService<Database>().Health is { Writable: false } health)
{
    await Console.Error.WriteLineAsync(health.Says);
}
else if (settings.Import is { } file)
{
    var (job, faults) = JobFile.Read(await File.ReadAllTextAsync(file), TimeProvider.System.GetUtcNow().Year);
    if (job is null)
    {
        await Console.Error.WriteLineAsync(string.Join('\n', faults.Select(f => $"{file}: {f}")));
        return 1;
    }

    ArchiveEndpoints.Put(app.Services.GetRequiredService<JobStore>(), job, null, settings.Fresh);
}

if (settings.TrustedNetwork)
{
    await Console.Error.WriteLineAsync("Warning: anyone on the network can read and change everything here: there are no accounts yet.");
}

await app.RunAsync();
return 0;

// A flag may stand alone on the command line.
static string[] Flags(string[] args) =>
    [
        .. args.SelectMany(
            (a, i) =>
                a is "--trusted-network" or "--read-only" && (i + 1 == args.Length || args[i + 1].StartsWith("--", StringComparison.Ordinal)) ? new[] { a, "true" } : [a]
        ),
    ];

/// <summary>Made public so that the tests can host the program.</summary>
public partial class Program
{
    [LibraryImport("libc", EntryPoint = "umask")]
    private static partial int OwnFilesOnly(int mask);
}
