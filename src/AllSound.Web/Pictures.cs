using SkiaSharp;

namespace AllSound.Web;

/// <summary>A picture made fit to keep.</summary>
internal sealed record Picture(byte[] Data, byte[] Thumb, int Width, int Height);

/// <summary>Takes in pictures: what they are is told by their content, not by their name; they are set upright and made no larger than is of use.</summary>
internal static class Pictures
{
    /// <summary>Largest file taken in, bytes.</summary>
    public const int MostBytes = 20 * 1024 * 1024;

    private const int MostSide = 12_000;
    private const long MostPixels = 60_000_000;
    private const int Side = 2000;
    private const int ThumbSide = 320;

    /// <summary>Reads a picture.</summary>
    /// <returns>The picture, or what is wrong with the file.</returns>
    public static (Picture? Picture, string? Fault) Read(byte[] file)
    {
        using var data = SKData.CreateCopy(file);
        using var codec = SKCodec.Create(data);
        if (codec is null || codec.EncodedFormat is not (SKEncodedImageFormat.Jpeg or SKEncodedImageFormat.Png or SKEncodedImageFormat.Webp))
        {
            return (null, "expected a JPEG, PNG or WebP picture; the file's content is something else");
        }

        var (width, height) = (codec.Info.Width, codec.Info.Height);
        if (width < 8 || height < 8 || width > MostSide || height > MostSide || (long)width * height > MostPixels)
        {
            return (null, $"expected 8 to {MostSide} pixels a side and {MostPixels / 1_000_000} million in all, found {width} by {height}");
        }

        using var raw = new SKBitmap(new SKImageInfo(width, height, SKColorType.Rgba8888, SKAlphaType.Premul));
        var result = codec.GetPixels(raw.Info, raw.GetPixels());
        if (result != SKCodecResult.Success)
        {
            return (null, "the picture breaks off or is damaged");
        }

        using var upright = Upright(raw, codec.EncodedOrigin);
        using var whole = Scaled(upright, Side);
        using var small = Scaled(upright, ThumbSide);
        return (new Picture(Jpeg(whole, 86), Jpeg(small, 80), whole.Width, whole.Height), null);
    }

    // The eight ways in which a camera may have been held (EXIF orientation).
    private static SKBitmap Upright(SKBitmap raw, SKEncodedOrigin origin)
    {
        var turned = origin is SKEncodedOrigin.LeftTop or SKEncodedOrigin.RightTop or SKEncodedOrigin.RightBottom or SKEncodedOrigin.LeftBottom;
        var (w, h) = (raw.Width, raw.Height);
        var bitmap = new SKBitmap(turned ? h : w, turned ? w : h, SKColorType.Rgba8888, SKAlphaType.Premul);
        using var canvas = new SKCanvas(bitmap);
        canvas.Clear(SKColors.White);
        canvas.SetMatrix(
            origin switch
            {
                SKEncodedOrigin.TopRight => new SKMatrix(-1, 0, w, 0, 1, 0, 0, 0, 1),
                SKEncodedOrigin.BottomRight => new SKMatrix(-1, 0, w, 0, -1, h, 0, 0, 1),
                SKEncodedOrigin.BottomLeft => new SKMatrix(1, 0, 0, 0, -1, h, 0, 0, 1),
                SKEncodedOrigin.LeftTop => new SKMatrix(0, 1, 0, 1, 0, 0, 0, 0, 1),
                SKEncodedOrigin.RightTop => new SKMatrix(0, -1, h, 1, 0, 0, 0, 0, 1),
                SKEncodedOrigin.RightBottom => new SKMatrix(0, -1, h, -1, 0, w, 0, 0, 1),
                SKEncodedOrigin.LeftBottom => new SKMatrix(0, 1, 0, -1, 0, w, 0, 0, 1),
                _ => SKMatrix.Identity,
            }
        );
        canvas.DrawBitmap(raw, 0, 0);
        canvas.Flush();
        return bitmap;
    }

    private static SKBitmap Scaled(SKBitmap bitmap, int side)
    {
        var scale = Math.Min(1.0, (double)side / Math.Max(bitmap.Width, bitmap.Height));
        var info = new SKImageInfo(
            Math.Max(1, (int)Math.Round(bitmap.Width * scale)),
            Math.Max(1, (int)Math.Round(bitmap.Height * scale)),
            SKColorType.Rgba8888,
            SKAlphaType.Premul
        );
        return bitmap.Resize(info, new SKSamplingOptions(SKFilterMode.Linear, SKMipmapMode.Linear));
    }

    private static byte[] Jpeg(SKBitmap bitmap, int quality)
    {
        using var image = SKImage.FromBitmap(bitmap);
        using var encoded = image.Encode(SKEncodedImageFormat.Jpeg, quality);
        return encoded.ToArray();
    }
}
