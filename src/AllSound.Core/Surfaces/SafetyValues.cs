namespace AllSound.Core.Surfaces;

/// <summary>Lead in the paint, after presumption: unknown never reaches a condition.</summary>
public enum Lead : byte
{
    /// <summary>Proved absent in every layer down to the substrate, or the fabric is younger than any leaded paint.</summary>
    ProvedAbsent,

    /// <summary>Not tested, and age and place allow it: worked as lead.</summary>
    Presumed,

    /// <summary>Found by test.</summary>
    Confirmed,
}

/// <summary>State of the controlled area for work on lead paint.</summary>
public enum LeadZone : byte
{
    /// <summary>None set up.</summary>
    None,

    /// <summary>Sheeted, signed, with a class H vacuum and a washing point.</summary>
    SetUp,

    /// <summary>Cleaned down by vacuum, wash, vacuum, awaiting or past clearance.</summary>
    Cleaned,
}

/// <summary>Can every part be reached from a safe footing?</summary>
public enum Access : byte
{
    /// <summary>From the floor or a hop-up.</summary>
    InReach,

    /// <summary>Needs a platform that is not there yet.</summary>
    NeedsPlatform,

    /// <summary>The platform stands and was inspected.</summary>
    PlatformUp,

    /// <summary>What one would stand on is fragile, or not known to bear.</summary>
    Fragile,

    /// <summary>Higher than a platform goes: needs a tower with guard rails.</summary>
    NeedsTower,

    /// <summary>Higher than a tower is used for: needs a scaffold, or a lift with a trained operator.</summary>
    NeedsScaffold,
}

/// <summary>Outlets and wiring in the face to be wetted or heated.</summary>
public enum Electrics : byte
{
    /// <summary>None in the face.</summary>
    Clear,

    /// <summary>Live outlets or wiring.</summary>
    Live,

    /// <summary>Isolated and proved dead by a competent person, outlets covered.</summary>
    Isolated,

    /// <summary>Condemned or damaged: nothing goes on until an electrician has been.</summary>
    Condemned,
}

/// <summary>Whether old decoration or listed fabric may be touched.</summary>
public enum Consent : byte
{
    /// <summary>None needed.</summary>
    NotNeeded,

    /// <summary>Given in writing.</summary>
    Given,

    /// <summary>Needed and not given yet, or not asked.</summary>
    Waiting,
}

/// <summary>Protection of floor and neighbours.</summary>
public enum Protection : byte
{
    /// <summary>Nothing covered yet.</summary>
    Open,

    /// <summary>Floor and adjoining surfaces covered.</summary>
    Covered,

    /// <summary>Coverings lifted, site left clean.</summary>
    Cleared,

    /// <summary>Covered, and everything near closed off with film and tape against spray.</summary>
    Masked,
}

/// <summary>Inside the building or outside it.</summary>
public enum Exposure : byte
{
    /// <summary>Inside.</summary>
    Inside,

    /// <summary>Outside.</summary>
    Outside,
}

/// <summary>Something is there, or it is not.</summary>
public enum Presence : byte
{
    /// <summary>Not there.</summary>
    None,

    /// <summary>There.</summary>
    Present,
}

/// <summary>Soundness of the fabric that others must put right.</summary>
public enum Soundness : byte
{
    /// <summary>Sound.</summary>
    Sound,

    /// <summary>Failing.</summary>
    Failing,
}

/// <summary>A small count, such as topcoats laid or coats still needed to hide.</summary>
public enum Count : byte
{
    /// <summary>None.</summary>
    None,

    /// <summary>One.</summary>
    One,

    /// <summary>Two.</summary>
    Two,

    /// <summary>Three.</summary>
    Three,

    /// <summary>Four.</summary>
    Four,

    /// <summary>Five.</summary>
    Five,

    /// <summary>Six.</summary>
    Six,
}
