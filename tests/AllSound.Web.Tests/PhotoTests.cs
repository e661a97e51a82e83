using System.Net;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using SkiaSharp;
using Xunit;

namespace AllSound.Web.Tests;

/// <summary>Photos are known by their content, stand upright, and stay with the surface.</summary>
public sealed class PhotoTests : IDisposable
{
    private const string Wall = "/api/jobs/sallow-ferry/surfaces/stair-wall/photos";
    private readonly Server server = new();

    public void Dispose() => server.Dispose();

    [Fact]
    public async Task A_photo_taken_sideways_is_kept_upright_with_a_thumbnail()
    {
        await server.WithDemo();
        // The camera lay on its side: 60 wide, 40 high, red at the left; turned upright, red is at the top.
        var added = await Add(Jpeg(60, 40, orientation: 6), "?stage=before&wet=true&caption=corner");
        Assert.Equal(("before", 40, 60), ((string?)added["photo"]!["stage"], (int)added["photo"]!["width"]!, (int)added["photo"]!["height"]!));

        var bytes = await server.Client.GetByteArrayAsync($"/api/jobs/sallow-ferry/photos/{added["id"]}", TestContext.Current.CancellationToken);
        using var picture = SKBitmap.Decode(bytes);
        Assert.Equal((40, 60), (picture.Width, picture.Height));
        Assert.True(picture.GetPixel(20, 8).Red > 180 && picture.GetPixel(20, 8).Blue < 90);
        Assert.True(picture.GetPixel(20, 52).Blue > 180);
        using var thumb = SKBitmap.Decode(
            await server.Client.GetByteArrayAsync($"/api/jobs/sallow-ferry/photos/{added["id"]}/thumb", TestContext.Current.CancellationToken)
        );
        Assert.InRange(Math.Max(thumb.Width, thumb.Height), 1, 320);
    }

    [Fact]
    public async Task A_pair_is_made_listed_and_survives_the_job_being_put_in_again()
    {
        await server.WithDemo();
        var before = await Add(Jpeg(80, 60, 1), "?stage=before");
        await Add(Jpeg(80, 60, 1), $"?stage=after&pairOf={before["id"]}");
        using var again = await server.Post("/api/jobs/import?replace=true", Testing.Demo.Text);
        again.EnsureSuccessStatusCode();
        var listed = (await server.Client.GetFromJsonAsync<JsonArray>(Wall, TestContext.Current.CancellationToken))!;
        Assert.Equal(2, listed.Count);
        Assert.Equal((string?)before["id"], (string?)listed.Single(p => (string?)p!["photo"]!["stage"] == "after")!["photo"]!["pairOf"]);
    }

    [Fact]
    public async Task A_merged_zone_hands_its_photos_to_its_element()
    {
        await server.WithDemo();
        using var zone = await server.Post(
            "/api/jobs/sallow-ferry/spaces/ticket-office/surfaces",
            """{"id":"corner","title":"Corner","element":"wall","substrate":"gyp_old","zone":{"of":"stair-wall","widthM":0.5,"heightM":0.5}}"""
        );
        Assert.Equal(HttpStatusCode.Created, zone.StatusCode);
        async Task<long> Version(string surface) => (long)(await server.Get($"/api/jobs/sallow-ferry/surfaces/{surface}"))["version"]!;
        using (var content = Content(Jpeg(40, 40, 1)))
        {
            using var photo = await server.Client.PostAsync("/api/jobs/sallow-ferry/surfaces/corner/photos", content, TestContext.Current.CancellationToken);
            Assert.Equal(HttpStatusCode.Created, photo.StatusCode);
        }

        using var whole = await server.Client.DeleteAsync(
            $"/api/jobs/sallow-ferry/surfaces/stair-wall?version={await Version("stair-wall")}",
            TestContext.Current.CancellationToken
        );
        Assert.Equal(HttpStatusCode.BadRequest, whole.StatusCode);
        using var merged = await server.Client.DeleteAsync(
            $"/api/jobs/sallow-ferry/surfaces/corner?version={await Version("corner")}",
            TestContext.Current.CancellationToken
        );
        Assert.Equal(HttpStatusCode.OK, merged.StatusCode);
        Assert.Single((await server.Client.GetFromJsonAsync<JsonArray>(Wall, TestContext.Current.CancellationToken))!);
    }

    [Theory]
    [InlineData(SKEncodedImageFormat.Png)]
    [InlineData(SKEncodedImageFormat.Jpeg)]
    [InlineData(SKEncodedImageFormat.Webp)]
    public async Task A_large_picture_is_made_smaller_while_it_is_unpacked_and_shows_the_same(SKEncodedImageFormat format)
    {
        await server.WithDemo();
        // Red above, blue below, with a white stripe at the right edge.
        byte[] file;
        using (var bitmap = new SKBitmap(6001, 4003))
        {
            using (var canvas = new SKCanvas(bitmap))
            {
                canvas.Clear(SKColors.Blue);
                canvas.DrawRect(0, 0, 6001, 2000, new SKPaint { Color = SKColors.Red });
                canvas.DrawRect(5800, 0, 201, 4003, new SKPaint { Color = SKColors.White });
            }

            using var image = SKImage.FromBitmap(bitmap);
            using var data = image.Encode(format, 90);
            file = data.ToArray();
        }

        var photo = await server.AddPhoto("stair-wall", file);
        using var shown = SKBitmap.Decode(await server.Client.GetByteArrayAsync($"/api/jobs/sallow-ferry/photos/{photo["id"]}", TestContext.Current.CancellationToken));
        Assert.InRange(shown.Width, 1500, 2000);
        Assert.Equal(6001.0 / 4003, (double)shown.Width / shown.Height, 2);
        Assert.True(shown.GetPixel(100, 100).Red > 200 && shown.GetPixel(100, 100).Blue < 60);
        Assert.True(shown.GetPixel(100, shown.Height - 50).Blue > 200);
        var edge = shown.GetPixel(shown.Width - 10, shown.Height / 2);
        Assert.True(edge.Red > 220 && edge.Green > 220);
    }

    [Theory]
    [InlineData("text")]
    [InlineData("empty")]
    [InlineData("cut")]
    [InlineData("gif")]
    [InlineData("svg")]
    [InlineData("huge")]
    [InlineData("tiny")]
    public async Task What_is_no_picture_is_refused_by_its_content_whatever_it_is_called(string kind)
    {
        await server.WithDemo();
        var file = kind switch
        {
            "text" => "not a picture"u8.ToArray(),
            "empty" => [],
            "cut" => Jpeg(400, 300, 1)[..600],
            "gif" => [.. "GIF89a"u8, 1, 0, 1, 0, 0, 0, 0, 0x3B],
            "svg" => "<svg xmlns=\"http://www.w3.org/2000/svg\"><script>1</script></svg>"u8.ToArray(),
            "huge" => Header(60_000, 60_000),
            _ => Jpeg(2, 2, 1),
        };
        using var content = Content(file);
        using var answer = await server.Client.PostAsync(Wall, content, TestContext.Current.CancellationToken);
        var problem = JsonNode.Parse(await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken))!;

        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.NotNull(problem["errors"]!["picture"]);
        Assert.Empty((await server.Client.GetFromJsonAsync<JsonArray>(Wall, TestContext.Current.CancellationToken))!);
    }

    internal static byte[] Jpeg(int width, int height, int orientation, string? taken = null)
    {
        using var bitmap = new SKBitmap(width, height);
        using (var canvas = new SKCanvas(bitmap))
        {
            canvas.Clear(SKColors.Blue);
            canvas.DrawRect(0, 0, width / 2f, height, new SKPaint { Color = SKColors.Red });
        }

        using var image = SKImage.FromBitmap(bitmap);
        using var data = image.Encode(SKEncodedImageFormat.Jpeg, 95);
        var plain = data.ToArray();
        // An EXIF block, big-endian, behind the start marker: the orientation, and where asked for the time taken in a block of its own.
        byte[] time = taken is null ? [] : [.. System.Text.Encoding.ASCII.GetBytes(taken), 0];
        byte[] body = taken is null
            ? [.. "MM"u8, 0, 42, 0, 0, 0, 8, 0, 1, 0x01, 0x12, 0, 3, 0, 0, 0, 1, 0, (byte)orientation, 0, 0, 0, 0, 0, 0]
            :
            [
                .. "MM"u8,
                0,
                42,
                0,
                0,
                0,
                8,
                0,
                2,
                0x01,
                0x12,
                0,
                3,
                0,
                0,
                0,
                1,
                0,
                (byte)orientation,
                0,
                0,
                0x87,
                0x69,
                0,
                4,
                0,
                0,
                0,
                1,
                0,
                0,
                0,
                38,
                0,
                0,
                0,
                0,
                0,
                1,
                0x90,
                0x03,
                0,
                2,
                0,
                0,
                0,
                (byte)time.Length,
                0,
                0,
                0,
                56,
                0,
                0,
                0,
                0,
                .. time,
            ];
        byte[] exif = [0xFF, 0xE1, 0, (byte)(body.Length + 8), .. "Exif\0\0"u8, .. body];
        return [.. plain[..2], .. exif, .. plain[2..]];
    }

    // A PNG that claims to be enormous.
    private static byte[] Header(int width, int height)
    {
        using var bitmap = new SKBitmap(16, 16);
        using var image = SKImage.FromBitmap(bitmap);
        var png = image.Encode(SKEncodedImageFormat.Png, 100).ToArray();
        System.Buffers.Binary.BinaryPrimitives.WriteInt32BigEndian(png.AsSpan(16), width);
        System.Buffers.Binary.BinaryPrimitives.WriteInt32BigEndian(png.AsSpan(20), height);
        var crc = Crc(png.AsSpan(12, 17));
        System.Buffers.Binary.BinaryPrimitives.WriteUInt32BigEndian(png.AsSpan(29), crc);
        return png;
    }

    // The checksum of PNG (ISO 3309), bit by bit.
    private static uint Crc(ReadOnlySpan<byte> bytes)
    {
        var crc = uint.MaxValue;
        foreach (var b in bytes)
        {
            crc ^= b;
            for (var bit = 0; bit < 8; bit++)
            {
                crc = (crc & 1) != 0 ? (crc >> 1) ^ 0xEDB88320 : crc >> 1;
            }
        }

        return ~crc;
    }

    private static ByteArrayContent Content(byte[] file) => new(file) { Headers = { ContentType = new("image/jpeg") } };

    private async Task<JsonNode> Add(byte[] file, string query)
    {
        using var content = Content(file);
        using var answer = await server.Client.PostAsync(Wall + query, content, TestContext.Current.CancellationToken);
        Assert.Equal(HttpStatusCode.Created, answer.StatusCode);
        return JsonNode.Parse(await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken))!;
    }
}
