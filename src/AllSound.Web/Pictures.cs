using System.Globalization;
using MetadataExtractor;
using MetadataExtractor.Formats.Exif;
using SkiaSharp;

namespace AllSound.Web;

/// <summary>A picture made fit to keep.</summary>
/// <param name="Original">As it came.</param>
/// <param name="Shown">Upright, no larger than is of use, JPEG.</param>
/// <param name="Thumb">Small, JPEG.</param>
/// <param name="Width">Width as shown, pixels.</param>
/// <param name="Height">Height as shown, pixels.</param>
/// <param name="Type">Media type of the original.</param>
/// <param name="Orientation">How the camera was held, by EXIF, 1 to 8.</param>
/// <param name="Taken">When, by the camera's own record; null when it says nothing.</param>
internal sealed record Picture(byte[] Original, byte[] Shown, byte[] Thumb, int Width, int Height, string Type, int Orientation, DateTime? Taken);

/// <summary>
/// Takes in pictures: what they are is told by their content, not by their name. The header is read first; pictures are never unpacked at full
/// size, but while being made smaller, so that one takes some 60 MB of memory at most, whatever its size, and two at a time are worked on.
/// </summary>
internal static class Pictures
{
    /// <summary>Largest file taken in, bytes.</summary>
    public const int MostBytes = 20 * 1024 * 1024;

    // What is sold as a camera today stays below; judgement.
    private const int MostSide = 20_000;
    private const long MostPixels = 200_000_000;

    // Of a PNG this much is unpacked at a time.
    private const int BandBytes = 32 * 1024 * 1024;
    private const int Side = 2000;
    private const int ThumbSide = 320;
    private static readonly SemaphoreSlim AtOnce = new(2);

    /// <summary>Reads a picture.</summary>
    /// <returns>The picture, or what is wrong with the file.</returns>
    public static async Task<(Picture? Picture, string? Fault)> Read(byte[] file, CancellationToken cancel)
    {
        await AtOnce.WaitAsync(cancel);
        try
        {
            return Read(file);
        }
        finally
        {
            AtOnce.Release();
        }
    }

    private static (Picture? Picture, string? Fault) Read(byte[] file)
    {
        using var data = SKData.CreateCopy(file);
        using var codec = SKCodec.Create(data);
        if (codec is null || TypeOf(codec.EncodedFormat) is not { } type)
        {
            return (null, "expected a JPEG, PNG or WebP picture; the file's content is something else");
        }

        var (width, height) = (codec.Info.Width, codec.Info.Height);
        if (width < 8 || height < 8 || width > MostSide || height > MostSide || (long)width * height > MostPixels)
        {
            return (null, $"expected 8 to {MostSide} pixels a side and {MostPixels / 1_000_000} million in all, found {width} by {height}");
        }

        var (raw, fault) = Unpacked(codec);
        if (raw is null)
        {
            return (null, fault);
        }

        using (raw)
        using (var whole = Upright(raw, codec.EncodedOrigin, Side))
        using (var small = Scaled(whole, ThumbSide))
        {
            return (new Picture(file, Jpeg(whole, 86), Jpeg(small, 80), whole.Width, whole.Height, type, (int)codec.EncodedOrigin, TakenAt(file)), null);
        }
    }

    private static string? TypeOf(SKEncodedImageFormat format) =>
        format switch
        {
            SKEncodedImageFormat.Jpeg => "image/jpeg",
            SKEncodedImageFormat.Png => "image/png",
            SKEncodedImageFormat.Webp => "image/webp",
            _ => null,
        };

    // At the least size from which the size shown can still be made.
    private static (SKBitmap? Bitmap, string? Fault) Unpacked(SKCodec codec)
    {
        var (width, height) = (codec.Info.Width, codec.Info.Height);
        var factor = Math.Max(1, Math.Max(width, height) / Side);
        if (codec.EncodedFormat is SKEncodedImageFormat.Png && factor > 1)
        {
            return ByBands(codec, width, height, factor);
        }

        var size = factor == 1 ? new SKSizeI(width, height) : codec.GetScaledDimensions(1f / factor);
        return Whole(codec, new SKImageInfo(size.Width, size.Height, SKColorType.Rgba8888, SKAlphaType.Premul));
    }

    private static (SKBitmap? Bitmap, string? Fault) Whole(SKCodec codec, SKImageInfo info)
    {
        var bitmap = new SKBitmap(info);
        if (codec.GetPixels(bitmap.Info, bitmap.GetPixels()) == SKCodecResult.Success)
        {
            return (bitmap, null);
        }

        bitmap.Dispose();
        return (null, "the picture breaks off or is damaged");
    }

    // A band of rows at a time, each square of pixels averaged to one. The reader starts from the top for each band; that costs time, not memory.
    private static (SKBitmap? Bitmap, string? Fault) ByBands(SKCodec codec, int width, int height, int factor)
    {
        var (outWidth, outHeight) = (width / factor, height / factor);
        var bitmap = new SKBitmap(new SKImageInfo(outWidth, outHeight, SKColorType.Rgba8888, SKAlphaType.Premul));
        // The reader is told the size of the whole and gets room for the band alone.
        var whole = new SKImageInfo(width, height, SKColorType.Rgba8888, SKAlphaType.Premul);
        var rows = Math.Max(1, BandBytes / (width * 4 * factor)) * factor;
        using var band = new SKBitmap(new SKImageInfo(width, rows, SKColorType.Rgba8888, SKAlphaType.Premul));
        for (var top = 0; top < outHeight * factor; top += rows)
        {
            var now = Math.Min(rows, (outHeight * factor) - top);
            var options = new SKCodecOptions(new SKRectI(0, top, width, top + now));
            if (
                codec.StartIncrementalDecode(whole, band.GetPixels(), band.RowBytes, options) != SKCodecResult.Success
                || codec.IncrementalDecode() != SKCodecResult.Success
            )
            {
                bitmap.Dispose();
                return (null, "the picture breaks off or is damaged");
            }

            Average(band, now / factor, bitmap, top / factor, factor);
        }

        return (bitmap, null);
    }

    private static unsafe void Average(SKBitmap from, int count, SKBitmap to, int at, int factor)
    {
        var share = factor * factor;
        for (var y = 0; y < count; y++)
        {
            var source = (byte*)from.GetPixels() + ((long)y * factor * from.RowBytes);
            var target = (byte*)to.GetPixels() + ((long)(at + y) * to.RowBytes);
            for (var i = 0; i < to.Width * 4; i++)
            {
                var first = source + ((i / 4 * factor * 4) + (i % 4));
                var sum = 0;
                for (var dy = 0; dy < factor; dy++, first += from.RowBytes)
                {
                    for (var dx = 0; dx < factor; dx++)
                    {
                        sum += first[dx * 4];
                    }
                }

                target[i] = (byte)(sum / share);
            }
        }
    }

    // Turned as the camera was held (the eight ways of EXIF) and made smaller in one go.
    private static SKBitmap Upright(SKBitmap raw, SKEncodedOrigin origin, int side)
    {
        var turned = origin is SKEncodedOrigin.LeftTop or SKEncodedOrigin.RightTop or SKEncodedOrigin.RightBottom or SKEncodedOrigin.LeftBottom;
        using var fit = Scaled(raw, side);
        var (w, h) = (fit.Width, fit.Height);
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
        canvas.DrawBitmap(fit, 0, 0);
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

    private static DateTime? TakenAt(byte[] file)
    {
        try
        {
            using var stream = new MemoryStream(file);
            foreach (var exif in ImageMetadataReader.ReadMetadata(stream).OfType<ExifSubIfdDirectory>())
            {
                if (
                    exif.GetDescription(ExifDirectoryBase.TagDateTimeOriginal) is { } text
                    && DateTime.TryParseExact(text, "yyyy:MM:dd HH:mm:ss", CultureInfo.InvariantCulture, DateTimeStyles.None, out var taken)
                    && taken.Year is > 1900 and < 2200
                )
                {
                    return taken;
                }
            }
        }
        catch (Exception e) when (e is ImageProcessingException or IOException or ArgumentException or OverflowException or IndexOutOfRangeException)
        {
            // A picture with a broken record of its making is still a picture.
        }

        return null;
    }
}
