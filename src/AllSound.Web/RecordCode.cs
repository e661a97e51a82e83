using QRCoder;

namespace AllSound.Web;

/// <summary>
/// The square on a hand-over sheet that leads to the record of the job in this installation: a QR code (ISO/IEC 18004), with the quarter of it that may be
/// covered or worn (level Q), as a drawing that prints sharp at any size.
/// </summary>
internal static class RecordCode
{
    /// <summary>Where the record of a job stands, as it was reached.</summary>
    /// <param name="request">The request: its scheme and host.</param>
    /// <param name="job">The job's id.</param>
    public static string Address(HttpRequest request, string job) => $"{request.Scheme}://{request.Host}/{Uri.EscapeDataString(job)}/document?paper=as-built";

    /// <summary>The code of an address as SVG, four units to a module and four modules of quiet round it.</summary>
    /// <param name="address">The address.</param>
    public static string Svg(string address)
    {
        using var data = QRCodeGenerator.GenerateQrCode(address, QRCodeGenerator.ECCLevel.Q);
        using var code = new SvgQRCode(data);
        return code.GetGraphic(4, "#000000", "#ffffff", drawQuietZones: true, sizingMode: SvgQRCode.SizingMode.ViewBoxAttribute);
    }
}
