namespace AllSound.Core.Treatment;

/// <summary>Work that serves every surface of a room or elevation that is done in the same go.</summary>
public enum SetUp : byte
{
    /// <summary>Word to the people who live or work there.</summary>
    Notice,

    /// <summary>Platform, tower or scaffold.</summary>
    Access,

    /// <summary>Circuits proved dead, outlets covered.</summary>
    Power,

    /// <summary>The lead work area, sheeted and closed off.</summary>
    LeadArea,

    /// <summary>The lead work area cleaned down.</summary>
    LeadClearing,

    /// <summary>Floor and neighbours covered.</summary>
    Covering,

    /// <summary>Heat, air and the readings while it dries.</summary>
    Drying,

    /// <summary>Coverings lifted, waste bagged, record written.</summary>
    Clearing,
}

/// <summary>That an operation is done once for its room or elevation, and what each further surface adds to it.</summary>
/// <param name="As">What it is part of: operations that are part of the same serve for one another, a tower for a platform.</param>
/// <param name="AgainHours">Hours that each further surface adds: the tower moved along, its own edges taped, its own lines in the record. Judgement.</param>
public sealed record OnceForTheRoom(SetUp As, double AgainHours);

/// <summary>What set-up is called in a list.</summary>
public static class SetUps
{
    /// <summary>Its name as one of several things that are done once.</summary>
    public static string Name(SetUp work) =>
        work switch
        {
            SetUp.Notice => "notice",
            SetUp.Access => "access",
            SetUp.Power => "isolating the outlets",
            SetUp.LeadArea => "setting up the lead area",
            SetUp.LeadClearing => "clearing the lead area",
            SetUp.Covering => "covering up",
            SetUp.Drying => "drying",
            _ => "clearing up",
        };
}
