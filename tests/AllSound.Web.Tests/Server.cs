using System.Net.Http.Json;
using System.Text;
using System.Text.Json.Nodes;
using AllSound.Testing;
using Dapper;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Mvc.Testing;
using Microsoft.Extensions.DependencyInjection;

namespace AllSound.Web.Tests;

/// <summary>The program on a database of its own with the demo in it.</summary>
public sealed class Server : IDisposable
{
    private readonly WebApplicationFactory<Program> factory;
    private bool stopped;

    public Server(string? instruments = null, string? database = null, string? supplier = null, string? weather = null)
    {
        Database = database ?? Path.Combine(Path.GetTempPath(), $"allsound-test-{Guid.NewGuid():N}.db");
        factory = new WebApplicationFactory<Program>().WithWebHostBuilder(b =>
            b.UseSetting("db", Database)
                .UseSetting("instruments", instruments ?? "127.0.0.1:1")
                .UseSetting("supplier", supplier ?? "127.0.0.1:1")
                .UseSetting("weather", weather ?? "127.0.0.1:1")
                .UseSetting("copies", "none")
                .UseSetting("log", "none")
        );
        Client = factory.CreateClient();
        // As a page of the program's own.
        Client.DefaultRequestHeaders.Add("Origin", "http://localhost");
    }

    /// <summary>One of the program's parts, to look behind what it says.</summary>
    public T Part<T>()
        where T : notnull => factory.Services.GetRequiredService<T>();

    public string Database { get; }

    public HttpClient Client { get; }

    public async Task<Server> WithDemo()
    {
        using var answer = await Post("/api/jobs/import", Demo.Text);
        answer.EnsureSuccessStatusCode();
        return this;
    }

    public Task<HttpResponseMessage> Post(string path, string body) => Client.PostAsync(path, new StringContent(body, Encoding.UTF8, "application/json"));

    public Task<HttpResponseMessage> Put(string path, string body) => Client.PutAsync(path, new StringContent(body, Encoding.UTF8, "application/json"));

    public async Task<JsonObject> Get(string path) => (await Client.GetFromJsonAsync<JsonNode>(path))!.AsObject();

    public static string EditOf(JsonObject view) =>
        new JsonObject { ["version"] = view["version"]!.DeepClone(), ["surface"] = view["surface"]!.DeepClone() }.ToJsonString();

    /// <summary>Adds a photo to a surface of the demo.</summary>
    public async Task<JsonObject> AddPhoto(string surface, byte[] file, string query = "", string job = "sallow-ferry")
    {
        using var content = new ByteArrayContent(file) { Headers = { ContentType = new("image/jpeg") } };
        using var answer = await Client.PostAsync($"/api/jobs/{job}/surfaces/{surface}/photos{query}", content);
        answer.EnsureSuccessStatusCode();
        return (await answer.Content.ReadFromJsonAsync<JsonObject>())!;
    }

    /// <summary>Behind the program's back: what a fault of the disk or an older version might have left.</summary>
    public int Sql(string sql)
    {
        using var connection = Part<Storage.Database>().Open();
        return connection.Execute(sql);
    }

    /// <summary>Stops it and leaves its file.</summary>
    public void Stop()
    {
        if (stopped)
        {
            return;
        }

        stopped = true;
        Client.Dispose();
        // Let go of before the host is, which goes in its own time.
        Part<Storage.Database>().Dispose();
        factory.Dispose();
    }

    public void Dispose()
    {
        Stop();
        foreach (var file in Directory.GetFiles(Path.GetTempPath(), Path.GetFileName(Database) + "*"))
        {
            File.Delete(file);
        }
    }
}
