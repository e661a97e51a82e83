using AllSound.Core.Surfaces;

namespace AllSound.Core.Materials;

/// <summary>What a coat is called once it is an old one: the existing coating that whoever surveys it next finds.</summary>
public static class OldCoats
{
    /// <summary>Id of the existing coating that a product leaves; null where it leaves no film of its own, or none that the catalogue knows.</summary>
    /// <param name="product">The product.</param>
    public static string? Of(CoatingClass product)
    {
        ArgumentNullException.ThrowIfNull(product);
        return product.Cover switch
        {
            Cover.Emulsion => product.Sheens.Contains(Sheen.Matt) ? "emul_matt" : "emul_silk",
            Cover.PeelBond or Cover.BondPrimer or Cover.WoodAcrylic or Cover.UndercoatWater or Cover.StainWater or Cover.AlkaliPrimer => "primer",
            Cover.WoodAlkyd or Cover.Aluminium or Cover.UndercoatAlkyd or Cover.StainAlkyd => "primer_oil",
            Cover.MetalAlkyd or Cover.MetalWater or Cover.ZincRich or Cover.ZincPrimer => "primer_rust",
            Cover.EnamelWater or Cover.EnamelHybrid => "enamel_wb",
            Cover.EggshellAlkyd or Cover.Linseed => "eggshell_oil",
            Cover.GlossAlkyd or Cover.DirectToMetal or Cover.Radiator => "alkyd_gloss",
            Cover.Masonry or Cover.MasonrySolvent => "masonry_ac",
            Cover.MasonryElastic => "masonry_elastic",
            Cover.Siloxane => "siloxane",
            Cover.Silicate or Cover.SilicatePure => "silicate",
            Cover.Limewash => "limewash",
            Cover.Casein => "casein",
            Cover.Epoxy or Cover.EpoxyWater => "epoxy_2k",
            Cover.TwoPart or Cover.TwoPartWater => "pu_2k",
            Cover.Varnish => "varnish",
            Cover.Woodstain => "woodstain",
            Cover.Oil => "oil_finish",
            Cover.Wax => "wax",
            Cover.Polish or Cover.Shellac => "shellac",
            Cover.Bitumen => "bitumen",
            Cover.Floor => "floor_paint",
            _ => null,
        };
    }
}
