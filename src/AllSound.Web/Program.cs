using AllSound.Core.Exchange;
using AllSound.Storage;
using AllSound.Web;
using Microsoft.AspNetCore.ResponseCompression;
using Microsoft.Extensions.FileProviders;

_ = Warmth.Begin();
var builder = WebApplication.CreateBuilder(new WebApplicationOptions { Args = args, ContentRootPath = AppContext.BaseDirectory });
var settings = Settings.From(builder.Configuration);
builder.WebHost.UseUrls(settings.Urls);
builder.Logging.SetMinimumLevel(LogLevel.Warning);
builder.Services.ConfigureHttpJsonOptions(options => WireFormat.Apply(options.SerializerOptions));
builder.Services.AddProblemDetails();
builder.Services.AddOpenApi("v1", WireFormat.Describe);
builder.Services.AddResponseCompression(options =>
{
    options.EnableForHttps = true;
    options.MimeTypes = [.. ResponseCompressionDefaults.MimeTypes, "image/svg+xml", "application/problem+json"];
});
builder.Services.AddSingleton(_ => new Database(settings.Database));
builder.Services.AddSingleton<JobStore>();
builder.Services.AddSingleton<PhotoStore>();
builder.Services.AddSingleton<Analysis>();
builder.Services.AddSingleton(_ => new InstrumentLine(settings.Instruments));

var app = builder.Build();
app.UseExceptionHandler();
app.UseStatusCodePages();
app.UseResponseCompression();
app.Use(
    (context, next) =>
    {
        context.Response.Headers.ContentSecurityPolicy =
            "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; frame-ancestors 'none'; base-uri 'none'";
        context.Response.Headers.XContentTypeOptions = "nosniff";
        context.Response.Headers["Referrer-Policy"] = "no-referrer";
        return next(context);
    }
);
app.MapOpenApi("/api/openapi/{documentName}.json");
app.MapJobs();
app.MapSurfaces();
app.MapCatalogue();
app.MapInstruments();
app.MapPhotos();
app.MapTrade();
if (Directory.Exists(settings.WebRoot))
{
    var files = new PhysicalFileProvider(settings.WebRoot);
    app.UseDefaultFiles(new DefaultFilesOptions { FileProvider = files });
    app.UseStaticFiles(
        new StaticFileOptions
        {
            FileProvider = files,
            OnPrepareResponse = file => file.Context.Response.Headers.CacheControl = file.File.Name == "index.html" ? "no-cache" : "public, max-age=31536000, immutable",
        }
    );

    // A plain request delegate: the generated ones pass over the pattern of a fallback.
    app.MapFallback("/api/{**rest}", context => Results.Problem(title: "There is no such address.", statusCode: 404).ExecuteAsync(context));
    app.MapFallbackToFile("index.html", new StaticFileOptions { FileProvider = files });
}

if (settings.Import is { } file && app.Services.GetRequiredService<JobStore>() is var store)
{
    var (job, faults) = JobFile.Read(await File.ReadAllTextAsync(file));
    if (job is null)
    {
        await Console.Error.WriteLineAsync(string.Join('\n', faults.Select(f => $"{file}: {f}")));
        return 1;
    }

    store.Import(job, settings.Fresh);
}

await app.RunAsync();
return 0;

/// <summary>Made public so that the tests can host the program.</summary>
public partial class Program;
