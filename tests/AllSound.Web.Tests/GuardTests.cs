using System.Diagnostics;
using System.Net;
using System.Net.Sockets;
using System.Text;
using Xunit;

namespace AllSound.Web.Tests;

/// <summary>Who is let in, how much is taken in, and what is said otherwise.</summary>
public sealed class GuardTests : IDisposable
{
    private readonly Server server = new();

    private static CancellationToken Stop => TestContext.Current.CancellationToken;

    public void Dispose() => server.Dispose();

    [Theory]
    [InlineData("evil.example")]
    [InlineData("127.0.0.1.evil.example")]
    [InlineData("localhost.evil.example:5170")]
    public async Task A_name_that_is_made_to_point_here_reaches_nothing(string host)
    {
        await server.WithDemo();
        foreach (var path in new[] { "/api/jobs", "/api/jobs/sallow-ferry/export", "/api/health", "/api/catalogue" })
        {
            using var request = new HttpRequestMessage(HttpMethod.Get, path) { Headers = { Host = host } };
            using var answer = await server.Client.SendAsync(request, Stop);
            Assert.Equal(HttpStatusCode.MisdirectedRequest, answer.StatusCode);
        }
    }

    [Theory]
    [InlineData(null)]
    [InlineData("http://evil.example")]
    [InlineData("http://localhost:8080")]
    [InlineData("https://localhost")]
    [InlineData("null")]
    public async Task A_change_from_another_page_is_refused(string? origin)
    {
        await server.WithDemo();
        var before = await server.Client.GetStringAsync("/api/jobs/sallow-ferry/export", Stop);
        foreach (
            var (method, path) in new[]
            {
                (HttpMethod.Post, "/api/jobs"),
                (HttpMethod.Delete, "/api/jobs/sallow-ferry?version=1"),
                (HttpMethod.Put, "/api/jobs/sallow-ferry/firm"),
            }
        )
        {
            using var request = new HttpRequestMessage(method, path) { Content = new StringContent("""{"title":"X"}""", Encoding.UTF8, "application/json") };
            server.Client.DefaultRequestHeaders.Remove("Origin");
            if (origin is not null)
            {
                request.Headers.Add("Origin", origin);
            }

            using var answer = await server.Client.SendAsync(request, Stop);
            Assert.Equal(HttpStatusCode.Forbidden, answer.StatusCode);
            Assert.Equal("application/problem+json", answer.Content.Headers.ContentType!.MediaType);
        }

        Assert.Equal(before, await server.Client.GetStringAsync("/api/jobs/sallow-ferry/export", Stop));
    }

    [Theory]
    [InlineData("POST", "/api/jobs", "text/plain")]
    [InlineData("POST", "/api/jobs/import", "application/xml")]
    [InlineData("PUT", "/api/jobs/sallow-ferry/surfaces/stair-wall", "application/x-www-form-urlencoded")]
    [InlineData("POST", "/api/jobs/sallow-ferry/surfaces.csv", "application/json")]
    [InlineData("POST", "/api/read-lines", "application/json")]
    [InlineData("POST", "/api/jobs/sallow-ferry/surfaces/stair-wall/photos", "image/gif")]
    public async Task A_wrong_content_type_is_said(string method, string path, string type)
    {
        await server.WithDemo();
        using var request = new HttpRequestMessage(new HttpMethod(method), path) { Content = new StringContent("{}", Encoding.UTF8, type) };
        using var answer = await server.Client.SendAsync(request, Stop);
        Assert.Equal(HttpStatusCode.UnsupportedMediaType, answer.StatusCode);
        Assert.Contains("another content type", await answer.Content.ReadAsStringAsync(Stop), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("/api/jobs/sallow-ferry/surfaces/skirting/why-not?option=x&step=many", "step")]
    [InlineData("/api/jobs/sallow-ferry/surfaces/skirting/why-not?option=x", "step")]
    public async Task A_parameter_at_fault_is_named_in_plain_words(string path, string name)
    {
        await server.WithDemo();
        using var answer = await server.Client.GetAsync(path, Stop);
        var text = await answer.Content.ReadAsStringAsync(Stop);
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains($"{name}: expected a whole number", text, StringComparison.Ordinal);
        Assert.DoesNotContain("Int32", text, StringComparison.Ordinal);
    }

    // On the real server: the test host has no line that could be cut.
    [Fact]
    public async Task A_body_over_the_limit_gets_an_answer_and_not_a_cut_line()
    {
        using var program = new Running();
        await program.Up();
        foreach (var known in new[] { true, false })
        {
            using var content = new StreamContent(new Endless(30 * 1024 * 1024, known));
            content.Headers.ContentType = new("application/json");
            using var answer = await program.Client.PostAsync("/api/jobs", content, Stop);
            Assert.Equal(HttpStatusCode.RequestEntityTooLarge, answer.StatusCode);
            Assert.Contains("2 MiB are the most", await answer.Content.ReadAsStringAsync(Stop), StringComparison.Ordinal);
        }
    }

    [Theory]
    [InlineData("http://0.0.0.0:{0}", false)]
    [InlineData("http://*:{0}", false)]
    [InlineData("http://192.168.7.7:{0}", false)]
    [InlineData("http://[::]:{0}", false)]
    [InlineData("http://0.0.0.0:{0}", true)]
    public async Task Listening_to_others_must_be_said(string url, bool trusted)
    {
        var port = Running.FreePort();
        using var program = new Running(url.Replace("{0}", $"{port}", StringComparison.Ordinal), trusted ? ["--trusted-network"] : []);
        if (!trusted)
        {
            await program.Process.WaitForExitAsync(Stop);
            Assert.Equal(2, program.Process.ExitCode);
            Assert.Contains("--trusted-network", await program.Process.StandardError.ReadToEndAsync(Stop), StringComparison.Ordinal);
            return;
        }

        program.Client.BaseAddress = new Uri($"http://127.0.0.1:{port}");
        await program.Up();
        program.Kill();
        Assert.Contains("anyone on the network", await program.Process.StandardError.ReadToEndAsync(Stop), StringComparison.Ordinal);
    }

    [Fact]
    public async Task The_log_tells_requests_and_holds_nothing_that_was_typed()
    {
        using var program = new Running();
        await program.Up();
        using var content = new StringContent("""{"title":"Mrs Personal of 7 Private Road"}""", Encoding.UTF8, "application/json");
        (await program.Client.PostAsync("/api/jobs", content, Stop)).EnsureSuccessStatusCode();
        (await program.Client.GetAsync("/api/jobs/mrs-personal-of-7-private-road", Stop)).EnsureSuccessStatusCode();
        program.Kill();
        var log = await File.ReadAllTextAsync(Directory.GetFiles(program.Folder, "*.log").Single(), Stop);
        Assert.Contains("/api/jobs/{job}", log, StringComparison.Ordinal);
        Assert.DoesNotContain("ersonal", log, StringComparison.OrdinalIgnoreCase);
        Assert.All(log.Split('\n', StringSplitOptions.RemoveEmptyEntries), line => Assert.NotNull(System.Text.Json.Nodes.JsonNode.Parse(line)));
    }

    /// <summary>A body of spaces of a length that is told beforehand or not.</summary>
    private sealed class Endless(long length, bool known) : Stream
    {
        private long given;

        public override bool CanRead => true;

        public override bool CanSeek => known;

        public override bool CanWrite => false;

        public override long Length => known ? length : throw new NotSupportedException();

        public override long Position
        {
            get => given;
            set => given = value;
        }

        public override int Read(byte[] buffer, int offset, int count)
        {
            var now = (int)Math.Min(count, length - given);
            Array.Fill(buffer, (byte)' ', offset, now);
            given += now;
            return now;
        }

        public override void Flush() { }

        public override long Seek(long offset, SeekOrigin origin) => given;

        public override void SetLength(long value) => throw new NotSupportedException();

        public override void Write(byte[] buffer, int offset, int count) => throw new NotSupportedException();
    }
}
