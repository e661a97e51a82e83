using System.Collections.Immutable;
using AllSound.Core.Assessment;
using AllSound.Core.Inspection;
using AllSound.Core.Jobs;
using AllSound.Core.Practice;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Testing;

/// <summary>One surface in one room, for tests that state a few facts and ask what follows.</summary>
public static class One
{
    public static Surface Surface(Element element, string substrate, Facts facts, Layer[]? layers = null, Brief? brief = null, Exposure exposure = Exposure.Inside) =>
        new()
        {
            Id = "s",
            Title = "Surface",
            Element = element,
            Substrate = substrate,
            Exposure = exposure,
            Size = new Size { LengthM = 4, HeightM = element is Element.Skirting or Element.Pipe ? 0.15 : 2 },
            Layers = layers is null ? [] : [.. layers],
            Facts = facts,
            Brief = brief ?? new Brief(),
        };

    public static Layer Coat(string coating, int coats = 2, double? lrv = null) =>
        new()
        {
            Coating = coating,
            Coats = coats,
            Lrv = lrv,
        };

    /// <summary>Facts of a sound, dry, clean surface without lead, to begin from.</summary>
    public static Facts Good =>
        new()
        {
            Lead = Lead.ProvedAbsent,
            LeadProof = "a laboratory, every layer",
            Asbestos = Lead.ProvedAbsent,
            AsbestosProof = "a laboratory, every kind of board and coat",
            LooseShare = 0,
            BareShare = 0,
            Soil = Soil.Light,
            Moisture = Moisture.Dry,
            DampSource = DampSource.None,
            Outlets = false,
            Access = Access.InReach,
            Powdery = false,
            Knots = 0,
            FillShare = 0,
        };

    public static Job Job(Surface surface, int? built = 2010, Func<Job, Job>? with = null)
    {
        var job = new Job
        {
            Format = Core.Jobs.Job.CurrentFormat,
            Id = "one",
            Title = "One",
            Buildings =
            [
                new Building
                {
                    Id = "b",
                    Title = "Building",
                    Built = built,
                    Spaces =
                    [
                        new Space
                        {
                            Id = "room",
                            Title = "Room",
                            Kind = surface.Exposure == Exposure.Outside ? SpaceKind.Elevation : SpaceKind.Room,
                            Surfaces = [surface],
                        },
                    ],
                },
            ],
        };
        return with?.Invoke(job) ?? job;
    }

    public static Specified Specify(Surface surface, int? built = 2010, Func<Job, Job>? with = null)
    {
        var job = Job(surface, built, with);
        return Specifier.Specify(job, job.Buildings[0], job.Buildings[0].Spaces[0], surface);
    }

    public static Appraised Appraise(Surface surface, int? built = 2010)
    {
        var job = Job(surface, built);
        return Appraisal.Appraise(job, job.Buildings[0], job.Buildings[0].Spaces[0], surface);
    }

    public static Audited Audit(Surface surface, params string[] steps) => AuditBuilt(surface, 2010, steps);

    public static Audited AuditBuilt(Surface surface, int? built, params string[] steps)
    {
        var job = Job(surface, built);
        return Auditor.Audit(job.Rates, surface, Appraise(surface, built), [.. steps.Select(Demo.Parse)], Firm.Of(job));
    }

    /// <summary>Ids of operations of the cheapest option.</summary>
    public static string[] Cheapest(Specified specified) => Ids(specified.Options.MinBy(o => o.Criteria.Money)!);

    public static string[] Ids(Option option) => [.. option.Steps.Select(s => s.Act.Operation.Id)];

    public static Step Step(Option option, string operation) => option.Steps.First(s => s.Act.Operation.Id == operation);
}
