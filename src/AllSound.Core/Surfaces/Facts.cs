namespace AllSound.Core.Surfaces;

/// <summary>
/// What is known of a surface's condition. Null is unknown. Shares are fractions of the surface, 0 to 1.
/// </summary>
public sealed record Facts
{
    /// <summary>Lead, as tested; null: not tested.</summary>
    public Lead? Lead { get; init; }

    /// <summary>Asbestos in texture, board or bedding, as tested.</summary>
    public Lead? Asbestos { get; init; }

    /// <summary>Share of the surface where the film is loose.</summary>
    public double? LooseShare { get; init; }

    /// <summary>Share that is bare already.</summary>
    public double? BareShare { get; init; }

    /// <summary>What the edges do under the scraper: firm, or lifting anywhere.</summary>
    public EdgeNature? Edges { get; init; }

    /// <summary>Share of the surface along edges that keep lifting.</summary>
    public double? LiftingShare { get; init; }

    /// <summary>Does the ground powder on the hand after brushing?</summary>
    public bool? Powdery { get; init; }

    /// <summary>Grip of the film as found.</summary>
    public Key? Key { get; init; }

    /// <summary>Gloss at 60 degrees, gloss units.</summary>
    public double? Gloss60 { get; init; }

    /// <summary>Lumps, runs and brush ropes.</summary>
    public bool? Lumps { get; init; }

    /// <summary>Soil.</summary>
    public Soil? Soil { get; init; }

    /// <summary>Mould.</summary>
    public bool? Mould { get; init; }

    /// <summary>Cause of mould: none, put right, or open.</summary>
    public DampSource? MouldSource { get; init; }

    /// <summary>Salts.</summary>
    public bool? Salts { get; init; }

    /// <summary>Silicone.</summary>
    public bool? Silicone { get; init; }

    /// <summary>Moisture class.</summary>
    public Moisture? Moisture { get; init; }

    /// <summary>Source of damp: none, put right (cured), or open.</summary>
    public DampSource? DampSource { get; init; }

    /// <summary>Surface pH, 0 to 14.</summary>
    public double? Ph { get; init; }

    /// <summary>Share stained by an old leak; 0: none.</summary>
    public double? WaterStainShare { get; init; }

    /// <summary>Are the stains faint, a pale mark without a dark edge? Unknown is taken as no.</summary>
    public bool? FaintStain { get; init; }

    /// <summary>Nicotine, soot or tar.</summary>
    public bool? Tar { get; init; }

    /// <summary>Ink, marker or dye.</summary>
    public bool? Ink { get; init; }

    /// <summary>Knots that show or bleed, or bare knots; a number.</summary>
    public int? Knots { get; init; }

    /// <summary>Share of the surface to be filled: hollows, holes, static cracks.</summary>
    public double? FillShare { get; init; }

    /// <summary>Open joint to the neighbour, metres; 0: none.</summary>
    public double? OpenJointM { get; init; }

    /// <summary>Plaster that sounds hollow and moves.</summary>
    public bool? Hollow { get; init; }

    /// <summary>Decay.</summary>
    public bool? Rot { get; init; }

    /// <summary>A crack that moves.</summary>
    public bool? LiveCrack { get; init; }

    /// <summary>Live outlets or wiring in the face.</summary>
    public bool? Outlets { get; init; }

    /// <summary>Wiring in the face condemned or damaged.</summary>
    public bool? WiringCondemned { get; init; }

    /// <summary>Fragile, or not known to bear a person: cement-sheet roofs, rooflights, rusted sheet.</summary>
    public bool? FragileFooting { get; init; }

    /// <summary>Old decoration or listed fabric: whether the work may touch it.</summary>
    public Consent? Consent { get; init; }

    /// <summary>Grey weathered fibre on bare wood.</summary>
    public bool? GreyWood { get; init; }

    /// <summary>Hottest that it gets in service, degrees Celsius.</summary>
    public double? ServiceTempC { get; init; }

    /// <summary>Carpet or another floor that cannot be wetted beside it.</summary>
    public bool? CarpetNear { get; init; }

    /// <summary>People live or work in the space while the work goes on.</summary>
    public bool? Occupied { get; init; }

    /// <summary>Water on site.</summary>
    public bool? Water { get; init; }

    /// <summary>Power on site.</summary>
    public bool? Power { get; init; }

    /// <summary>Glass within 100 mm.</summary>
    public bool? GlassNear { get; init; }

    /// <summary>A void or dry fill behind the face: eaves, boarding, a box frame. Heat can start a fire there that nobody sees.</summary>
    public bool? VoidBehind { get; init; }

    /// <summary>Reach; by default from the height.</summary>
    public Access? Access { get; init; }

    /// <summary>Deepest of the hollows to be filled, millimetres.</summary>
    public double? FillDepthMm { get; init; }

    /// <summary>Rust: none, light (Ri 1 to 3), heavy (Ri 4 and 5), scale, or converted.</summary>
    public Rust? Rust { get; init; }

    /// <summary>Screws or nails that have worked loose or rusted through.</summary>
    public bool? LooseFixings { get; init; }

    /// <summary>Laps of sheets that gape.</summary>
    public bool? OpenLaps { get; init; }

    /// <summary>A rivet can be got into the gaping laps; taken as yes when not said.</summary>
    public bool? LapsTakeRivets { get; init; }

    /// <summary>Holes in sheet: none, small (about 5 mm at most) or large.</summary>
    public Holes? Holes { get; init; }

    /// <summary>Sharp edges, welds and bolts in metal.</summary>
    public bool? SharpEdges { get; init; }

    /// <summary>Heating is on: the surface is hot now.</summary>
    public bool? HotNow { get; init; }

    /// <summary>Putty cracked, loose or missing.</summary>
    public bool? FailedPutty { get; init; }

    /// <summary>End grain or cut edges that the weather reaches and no paint seals.</summary>
    public bool? OpenEndGrain { get; init; }

    /// <summary>Paper that is loose, or more layers than carry paint.</summary>
    public bool? LoosePaper { get; init; }

    /// <summary>Carved or fine moulded: scrapers and sanders do not reach into it.</summary>
    public bool? Carved { get; init; }

    /// <summary>Can be taken down and worked elsewhere.</summary>
    public bool? Removable { get; init; }

    /// <summary>Painted shut, or it binds: a sash, a casement, a door.</summary>
    public bool? Binds { get; init; }

    /// <summary>Plants at its foot or on it.</summary>
    public bool? Plants { get; init; }

    /// <summary>Height of its highest part above where one stands, metres; by default from the walls of the room.</summary>
    public double? WorkHeightM { get; init; }

    /// <summary>Children, pregnant women, or old or ill people use the place.</summary>
    public bool? Vulnerable { get; init; }

    /// <summary>Pilot lights, stoves, heaters, hot lamps or motors that may spark in the space.</summary>
    public bool? Flames { get; init; }

    /// <summary>The room must stay shut while the work dries.</summary>
    public bool? Shut { get; init; }

    /// <summary>People pass or work below.</summary>
    public bool? PeopleBelow { get; init; }

    /// <summary>Nests of birds, or bats, in or at it.</summary>
    public bool? Nests { get; init; }

    /// <summary>In contact with drinking water, or rain that is drunk runs off it.</summary>
    public bool? DrinkingWater { get; init; }

    /// <summary>A fire door, or part of what keeps fire out of an escape route.</summary>
    public bool? FireRated { get; init; }

    /// <summary>Somebody works there alone.</summary>
    public bool? Alone { get; init; }

    /// <summary>What runs off reaches a garden, a pond, a river or a surface drain.</summary>
    public bool? RunOff { get; init; }

    /// <summary>Lagging, rope, gaskets or insulating board at or beside it.</summary>
    public bool? Lagging { get; init; }

    /// <summary>A generator, a flueless heater or another engine burns in the space.</summary>
    public bool? Fumes { get; init; }

    /// <summary>Heavy plaster, render or masonry that bulges, springs or may come down.</summary>
    public bool? MayFall { get; init; }

    /// <summary>Overhead lines within reach of a ladder, a pole or a tower.</summary>
    public bool? OverheadLines { get; init; }

    /// <summary>A tank, pit, duct or void: bad air, one narrow way out.</summary>
    public bool? Confined { get; init; }

    /// <summary>Somebody is unwell from the work, or was hurt by it: wheezing, dizzy, burnt, pricked by a spray jet.</summary>
    public bool? Unwell { get; init; }

    /// <summary>Who proved that there is no lead, and how: "laboratory, four chips to the wood, May 2024". Without it "proved absent" is only a word.</summary>
    public string? LeadProof { get; init; }

    /// <summary>Who proved that there is no asbestos, and how.</summary>
    public string? AsbestosProof { get; init; }

    /// <summary>Share of the face under mould.</summary>
    public double? MouldShare { get; init; }

    /// <summary>What somebody put on the face and has not rinsed off.</summary>
    public OnFace? OnFace { get; init; }

    /// <summary>The old film can carry nothing more: it lets go from what is under it, or is soap, and has to come off.</summary>
    public bool? FilmSpent { get; init; }

    /// <summary>The last coat is still soft: a thumbnail marks it.</summary>
    public bool? SoftFilm { get; init; }

    /// <summary>Filler was painted over without a primer and shows as a dull patch.</summary>
    public bool? UnprimedFiller { get; init; }

    /// <summary>Nail or screw heads rust through.</summary>
    public bool? RustyNails { get; init; }

    /// <summary>Brown extract of the wood bleeds.</summary>
    public bool? Tannin { get; init; }

    /// <summary>Share of the face with salts, 0 to 1.</summary>
    public double? SaltShare { get; init; }

    /// <summary>Share of the face with nicotine, soot or tar, 0 to 1.</summary>
    public double? TarShare { get; init; }

    /// <summary>Share of the face with ink or dye, 0 to 1.</summary>
    public double? InkShare { get; init; }

    /// <summary>Width of the open joint at its widest, millimetres.</summary>
    public double? JointWidthMm { get; init; }

    /// <summary>Depth to be filled, millimetres.</summary>
    public double? JointDepthMm { get; init; }

    /// <summary>The joint opens and closes with the seasons or with use.</summary>
    public bool? JointMoves { get; init; }

    /// <summary>The joint gets wet: bath, shower, basin, sink.</summary>
    public bool? JointWet { get; init; }

    /// <summary>Water lies on it after rain.</summary>
    public bool? WaterLies { get; init; }

    /// <summary>Air while the work goes on, degrees Celsius.</summary>
    public double? AirTempC { get; init; }

    /// <summary>Relative humidity of that air, percent.</summary>
    public double? AirHumidity { get; init; }

    /// <summary>The face while the work goes on, degrees Celsius.</summary>
    public double? FaceTempC { get; init; }

    /// <summary>Days since putty was laid, where it is new.</summary>
    public double? PuttyDays { get; init; }

    /// <summary>Animals live in the space: birds and fish die of fumes first.</summary>
    public bool? Pets { get; init; }

    /// <summary>The public has to pass through it or close by.</summary>
    public bool? PublicNear { get; init; }

    /// <summary>The facts with this moisture seen too: of several the wettest stands.</summary>
    public Facts Wettest(Moisture seen) => this with { Moisture = Moisture is { } known && known > seen ? known : seen };
}
