using System.Net.Http.Json;
using System.Text;
using System.Text.Json.Nodes;
using AllSound.Testing;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Mvc.Testing;

namespace AllSound.Web.Tests;

/// <summary>The program on a database of its own with the demo in it.</summary>
public sealed class Server : IDisposable
{
    private readonly WebApplicationFactory<Program> factory;

    public Server(string? instruments = null)
    {
        Database = Path.Combine(Path.GetTempPath(), $"allsound-test-{Guid.NewGuid():N}.db");
        factory = new WebApplicationFactory<Program>().WithWebHostBuilder(b => b.UseSetting("db", Database).UseSetting("instruments", instruments ?? "127.0.0.1:1"));
        Client = factory.CreateClient();
    }

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

    public void Dispose()
    {
        Client.Dispose();
        factory.Dispose();
        foreach (var file in Directory.GetFiles(Path.GetTempPath(), Path.GetFileName(Database) + "*"))
        {
            File.Delete(file);
        }
    }
}
