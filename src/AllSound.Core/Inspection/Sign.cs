namespace AllSound.Core.Inspection;

/// <summary>Something seen, or looked for and absent.</summary>
/// <param name="Id">Stable id.</param>
/// <param name="Title">What it looks like.</param>
/// <param name="Group">Signs of one group are not independent; in a group the strongest counts in full.</param>
/// <param name="BaseRate">Share of failed surfaces that show it whatever the cause, 0 to 1. Judgement.</param>
public sealed record Sign(string Id, string Title, string Group, double BaseRate);
