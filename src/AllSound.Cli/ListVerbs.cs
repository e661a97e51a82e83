using System.CommandLine;
using AllSound.Core.Diagnosis;
using AllSound.Core.Exchange;
using AllSound.Core.Inspection;
using AllSound.Core.Materials;
using AllSound.Core.Practice;
using AllSound.Core.Quantities;
using AllSound.Core.Safety;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Cli;

/// <summary>The verbs that list what the program knows.</summary>
internal static class ListVerbs
{
    public static IEnumerable<Command> All()
    {
        yield return List(
            "operations",
            Operations.All.Select(o =>
                (
                    o.Id,
                    $"{o.Title} [{Reporting.GroupName(o.Group)}; {o.Source}]",
                    (object)
                        new
                        {
                            o.Id,
                            group = Reporting.GroupName(o.Group),
                            o.Title,
                            o.Do,
                            needs = Operations
                                .FindAct(o, null)!
                                .Needs.Select(n => new
                                {
                                    n.Id,
                                    n.Title,
                                    severity = n.Severity,
                                    n.Consequence,
                                    source = n.Source.ToString(),
                                }),
                            gives = Operations
                                .FindAct(o, null)!
                                .Effects.Select(e => new
                                {
                                    facet = e.Facet.Name,
                                    change = e.Change,
                                    value = e.Change == Change.Set ? e.Facet.ValueName(e.Value) : null,
                                    when = e.When.Select(w => w.Facet.Name),
                                }),
                            products = o.Products.Select(p => p.Id),
                            extent = o.Extent,
                            o.Rate,
                            o.RateNarrow,
                            rateOn = Enum.GetValues<Face>().Select(f => new { face = f, rate = Math.Round(Pacing.Of(o, f), 2) }).Where(r => r.rate != o.Rate),
                            o.EdgeRate,
                            o.Dilution,
                            o.Tool,
                            o.Accept,
                            o.Cautions,
                            o.Protection,
                            o.Hazard,
                            o.School,
                            o.ByOthers,
                            o.Refused,
                            source = o.Source.ToString(),
                        }
                )
            )
        );
        yield return List(
            "causes",
            Causes.All.Select(c =>
                (
                    c.Id,
                    $"{c.Title} [cure: {c.Cure}; {c.Source}]",
                    (object)
                        new
                        {
                            c.Id,
                            c.Title,
                            c.Weights,
                            evidence = c.Evidence,
                            c.Cure,
                            c.Proof,
                            source = c.Source.ToString(),
                            numbers = "judgement",
                        }
                )
            )
        );
        yield return List(
            "checks",
            Checks.All.Select(c =>
                (
                    c.Id,
                    $"{c.Title}, {c.Minutes} min [{c.Limits}; {c.Source}]",
                    (object)
                        new
                        {
                            c.Id,
                            c.Title,
                            c.Tools,
                            c.Do,
                            c.Minutes,
                            c.WaitHours,
                            c.Cost,
                            c.Damage,
                            c.Hazard,
                            c.Gate,
                            c.Unit,
                            otherUnits = c.OtherUnits.Select(u => u.Unit),
                            least = c.Unit is null ? (double?)null : c.Range.Least,
                            most = c.Unit is null ? (double?)null : c.Range.Most,
                            grounds = c.Grounds,
                            settles = c.Settles.Select(f => f.Name),
                            outcomes = c.Outcomes.Select(o => new
                            {
                                o.Id,
                                o.Title,
                                o.FindsNone,
                                signs = o.Signs,
                            }),
                            shows = c.Shows,
                            c.Scale,
                            c.Limits,
                            c.Again,
                            source = c.Source.ToString(),
                        }
                )
            )
        );
        yield return List(
            "signs",
            Signs.All.Select(s =>
                (
                    s.Id,
                    $"{s.Title} [{(s.IsDefect ? s.Scale : s.Group)}; {s.Look}; {s.Source}]",
                    (object)
                        new
                        {
                            s.Id,
                            s.Title,
                            s.Look,
                            s.Group,
                            s.BaseRate,
                            s.Checks,
                            s.Scale,
                            s.Shows,
                            s.Misleads,
                            source = s.Source.ToString(),
                        }
                )
            )
        );
        yield return List(
            "scales",
            RatingScales.All.Select(s =>
                (
                    s.Id,
                    $"{s.Title}{(s.Unit is null ? "" : ", " + s.Unit)} [{string.Join(" ", s.Classes.Select(c => c.Name))}; {s.Source}]",
                    (object)
                        new
                        {
                            s.Id,
                            s.Title,
                            s.Unit,
                            s.How,
                            classes = s.Classes.Select(c => new
                            {
                                c.Name,
                                c.Words,
                                upTo = c.UpTo is { } most && double.IsFinite(most) ? most : (double?)null,
                            }),
                            source = s.Source.ToString(),
                        }
                )
            )
        );
        yield return List(
            "forms",
            Forms.All.Select(f =>
                (
                    f.Id,
                    $"{f.Title} [{f.How}; {f.Source}]",
                    (object)
                        new
                        {
                            f.Id,
                            f.Title,
                            f.Elements,
                            f.Measures,
                            f.How,
                            source = f.Source.ToString(),
                        }
                )
            )
        );
        yield return List(
            "substrates",
            Substrates.All.Select(s =>
                (
                    s.Id,
                    $"{s.Title} [{s.MoistureLimit}; {s.Source}]",
                    (object)
                        new
                        {
                            s.Id,
                            s.Title,
                            s.Family,
                            s.Suction,
                            s.Ph,
                            s.MoistureLimit,
                            s.MeasuredBy,
                            s.Movement,
                            s.MaxSd,
                            s.Defects,
                            s.Primers,
                            s.Never,
                            source = s.Source.ToString(),
                        }
                )
            )
        );
        yield return List(
            "schools",
            Questions.All.Select(q =>
                (
                    q.Id,
                    $"{q.Title}: {string.Join(" / ", q.Schools.Select(x => $"{x.Id} ({x.Title})"))} [{q.Default}]",
                    (object)
                        new
                        {
                            q.Id,
                            q.Title,
                            q.Turns,
                            q.Schools,
                            q.Default,
                        }
                )
            )
        );
        yield return List(
            "refusals",
            Refusals.All.Select(r =>
                (
                    r.Id,
                    $"{r.Title} Turn to: {r.Refer}. [{r.Source}]",
                    (object)
                        new
                        {
                            r.Id,
                            r.Title,
                            r.Refer,
                            Source = r.Source.ToString(),
                        }
                )
            )
        );
        yield return List(
            "coatings",
            ExistingCoatings.All.Select(c =>
                (
                    c.Id,
                    $"{c.Title} [{c.Recognise}; {c.Source}]",
                    (object)
                        new
                        {
                            c.Id,
                            c.Title,
                            c.Era,
                            c.Shiny,
                            c.MicronsPerCoat,
                            Under = Enum.GetValues<CoatFamily>()
                                .Select(family => new
                                {
                                    Coat = family,
                                    Asks = c.Under(family),
                                    Else = c.FailsBy(family),
                                }),
                            c.Recognise,
                            c.WarmWater,
                            c.WhiteSpirit,
                            c.Alcohol,
                            c.Ketone,
                            c.Hazards,
                            c.Takes,
                            c.Refuses,
                            c.Removal,
                            source = c.Source.ToString(),
                        }
                )
            )
        );
        yield return List(
            "products",
            Coatings.All.Select(c =>
                (
                    c.Id,
                    $"{c.Title} [{c.Carrier.ToString().ToLowerInvariant()}; {c.Source}]",
                    (object)
                        new
                        {
                            c.Id,
                            c.Title,
                            c.Family,
                            c.Carrier,
                            c.VolumeSolids,
                            c.Microns,
                            spread = new[] { c.Spread.Smooth, c.Spread.Porous, c.Spread.Rough },
                            c.ThinMost,
                            c.Drying,
                            c.Voc,
                            c.HumidityMost,
                            temperature = new[] { c.Temperature.Least, c.Temperature.Most },
                            c.Sd,
                            c.Price,
                            c.Tins,
                            life = new[] { c.Life.Inside, c.Life.Outside },
                            c.Sheens,
                            follows = c.Follows,
                            c.Handling,
                            source = c.Source.ToString(),
                        }
                )
            )
        );
    }

    private static Command List(string name, IEnumerable<(string Id, string Line, object Fields)> rows)
    {
        var json = FileVerbs.JsonOption();
        var command = new Command(name, $"lists the {name}") { json };
        command.SetAction(parsed =>
        {
            if (parsed.GetValue(json))
            {
                FileVerbs.Json(rows.Select(r => r.Fields).ToList());
                return Exit.Done;
            }

            foreach (var (id, line, _) in rows)
            {
                Console.Out.WriteLine($"{id, -22} {line}");
            }

            return Exit.Done;
        });
        return command;
    }
}
