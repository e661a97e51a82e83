using System.Collections.Immutable;
using System.Reflection;
using AllSound.Core.Buying;
using AllSound.Core.Documents;
using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Reckoning;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Wording;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>What is bought, by colour, from the store first and at listed prices; and what it is all offered for.</summary>
public sealed class BuyingTests
{
    private const string Matt = "p_emul_contract";

    // Two walls of a room, each in its colour.
    private static Job TwoWalls(string one, string other, Func<Job, Job>? with = null)
    {
        Surface Wall(string id, string colour) =>
            One.Surface(Element.Wall, "gyp_old", One.Good with { Key = Key.Abraded }, [One.Coat("emul_matt")], new Brief { Colour = colour, Sheen = Sheen.Matt }) with
            {
                Id = id,
                Title = id,
            };

        var job = One.Job(Wall("left", one), with: with);
        var space = job.Buildings[0].Spaces[0];
        return job with { Buildings = [job.Buildings[0] with { Spaces = [space with { Surfaces = [.. space.Surfaces, Wall("right", other)] }] }] };
    }

    private static Dictionary<string, Specified> Specify(Job job) =>
        job.Surfaces().ToDictionary(x => x.Surface.Id, x => Specifier.Specify(job, x.Building, x.Space, x.Surface));

    private static Estimate Estimated(Job job) => Estimating.Of(job, Specify(job), Taken(job));

    private static JobQuantities Taken(Job job) => Takeoff.Of(job, Specify(job));

    private static Material[] Paint(JobQuantities taken) => [.. taken.Materials.Where(m => m.Unit == "L" && m.Id.StartsWith("p_emul", StringComparison.Ordinal))];

    [Fact]
    public void Paint_of_two_colours_is_bought_apart_and_of_one_together()
    {
        var apart = Paint(Taken(TwoWalls("sage green", "Navy")));
        var together = Paint(Taken(TwoWalls("navy", " Navy ")));
        var white = Paint(Taken(TwoWalls("white", "Brilliant white")));

        Assert.Equal(["navy", "sage green"], apart.Select(m => Tint.Of(m.Colour)));
        Assert.All(apart, m => Assert.Equal($"{m.Id}/{Tint.Of(m.Colour)}", m.Key));
        Assert.Equal("navy", Tint.Of(Assert.Single(together).Colour));
        Assert.Equal(together[0].Id, Assert.Single(white).Key);
        Assert.True(together[0].Need > apart.Max(m => m.Need));
    }

    [Theory]
    [InlineData(11)]
    [InlineData(12)]
    public void What_is_bought_and_what_was_there_is_what_is_used_and_what_is_left(int seed)
    {
        var random = new Random(seed);
        for (var n = 0; n < 40; n++)
        {
            ImmutableArray<StoreTin> store =
            [
                .. Enumerable
                    .Range(0, random.Next(5))
                    .Select(i => new StoreTin
                    {
                        Id = $"t{i}",
                        Product = Matt,
                        Amount = Math.Round(random.NextDouble() * 4, 2),
                        Colour = random.Next(2) == 0 ? "navy" : "sage",
                        Spoilt = random.Next(4) == 0,
                    }),
            ];
            var taken = Taken(TwoWalls("navy", "sage", j => j with { Store = store }));
            foreach (var m in taken.Materials)
            {
                var bought = m.Packed.Buy.Sum(b => b.Size * b.Count);
                Assert.Equal(m.Need + m.Packed.Left, bought + m.FromStore, 2);
                Assert.InRange(m.Packed.Left, 0, double.MaxValue);
                var there = store.Where(t => !t.Spoilt && t.Product == m.Id && Tint.Of(t.Colour) == Tint.Of(m.Colour)).Sum(t => t.Amount);
                Assert.InRange(m.FromStore, 0, there + 0.001);
                Assert.True(m.FromStore == 0 || m.Packed.Buy.IsEmpty || Math.Abs(m.FromStore - there) < 0.002, $"{m.Title}: bought before the store was empty");
            }
        }
    }

    [Fact]
    public void A_listed_price_wins_and_of_several_suppliers_the_cheapest()
    {
        var used = Paint(Taken(TwoWalls("navy", "navy")))[0].Id;
        ListedPrice Pack(double size, decimal price, string from) =>
            new()
            {
                Product = used,
                Size = size,
                Price = price,
                Supplier = from,
            };
        var job = TwoWalls("navy", "navy", j => j with { Prices = [Pack(3, 12m, "one"), Pack(3, 9m, "other")] });
        var material = Paint(Taken(job)).Single(m => m.Id == used);

        var count = (int)Math.Ceiling(material.Need / 3);
        Assert.Equal([new Packs(3, count)], material.Packed.Buy);
        Assert.Equal(9m * count, material.Packed.Cost);
        // Three a litre instead of the class's price: the option is priced by it as well.
        var (cheap, usual) = (Specify(job)["left"], Specify(TwoWalls("navy", "navy"))["left"]);
        var litres = Takeoff.Chosen(job.Surfaces().First().Surface, cheap)!;
        Assert.Contains(litres.Steps, s => s.Act.Product?.Id == used && Math.Abs(s.Act.Product.Price - (3 / 4.5)) < 1e-9);
        Assert.DoesNotContain(usual.Options[0].Steps, s => s.Act.Product is { } p && Math.Abs(p.Price - (3 / 4.5)) < 1e-9);
    }

    /// <summary>Every field of a firm's own product, with what shows that it is used: in the plan, or in what is bought.</summary>
    [Fact]
    public void The_firms_own_numbers_win_in_every_field()
    {
        var own = new OwnProduct
        {
            Id = "our-matt",
            Title = "Our matt",
            Class = Matt,
            Spread = 9.5,
            VolumeSolids = 33.5,
            Microns = 41,
            ThinMost = 7,
            LeastHours = 5.5,
            AdvisedHours = 7.5,
            LatestDays = 99,
            Voc = 17,
            LeastC = 9,
            MostC = 29,
            LitrePrice = 3.21m,
            Tins = [1.7, 3.4],
            Gel = true,
            Sheet = "sheet of May",
        };
        var shows = new Dictionary<string, Func<CoatingClass, Material, bool>>
        {
            [nameof(OwnProduct.Id)] = (_, m) => m.Id == own.Id,
            [nameof(OwnProduct.Title)] = (p, m) => p.Title == own.Title && m.Title == own.Title,
            [nameof(OwnProduct.Class)] = (p, _) => p.Id == own.Class,
            [nameof(OwnProduct.Spread)] = (p, _) => p.Spread.Smooth == own.Spread,
            [nameof(OwnProduct.VolumeSolids)] = (p, _) => p.VolumeSolids == own.VolumeSolids,
            [nameof(OwnProduct.Microns)] = (p, _) => p.Microns == own.Microns,
            [nameof(OwnProduct.ThinMost)] = (p, _) => p.ThinMost == own.ThinMost,
            [nameof(OwnProduct.LeastHours)] = (p, _) => p.Drying.Least == own.LeastHours,
            [nameof(OwnProduct.AdvisedHours)] = (p, _) => p.Drying.Advised == own.AdvisedHours,
            [nameof(OwnProduct.LatestDays)] = (p, _) => p.Drying.LatestDays == own.LatestDays,
            [nameof(OwnProduct.Voc)] = (p, _) => p.Voc == own.Voc,
            [nameof(OwnProduct.LeastC)] = (p, _) => p.Temperature.Least == own.LeastC,
            [nameof(OwnProduct.MostC)] = (p, _) => p.Temperature.Most == own.MostC,
            [nameof(OwnProduct.LitrePrice)] = (p, m) =>
                Math.Abs((p.Price * 4.5) - 3.21) < 1e-9 && m.Packed.Cost == m.Packed.Buy.Sum(b => b.Count * decimal.Round((decimal)b.Size * 3.21m, 2)),
            [nameof(OwnProduct.Tins)] = (_, m) => m.Packed.Buy.All(b => own.Tins.Contains(b.Size)),
            [nameof(OwnProduct.Gel)] = (p, _) => p.Handling?.Contains("gel", StringComparison.Ordinal) == true,
            [nameof(OwnProduct.Sheet)] = (p, _) => p.Source.ToString().Contains(own.Sheet, StringComparison.Ordinal),
        };
        var job = TwoWalls("white", "white", j => j with { Products = [own] });
        var taken = Taken(job);
        var product = taken.Surfaces[0].Option!.Steps.Select(s => s.Act.Product).OfType<CoatingClass>().First(p => p.Id == Matt);
        var material = taken.Materials.Single(m => m.Id == own.Id);

        foreach (var field in typeof(OwnProduct).GetProperties(BindingFlags.Public | BindingFlags.Instance).Where(p => p.CanWrite))
        {
            Assert.True(shows.TryGetValue(field.Name, out var shown), $"nothing shows that {field.Name} is used");
            Assert.True(shown(product, material), $"{field.Name} is not used");
        }
    }

    [Fact]
    public void A_price_is_the_cost_with_overhead_divided_by_what_the_margin_leaves()
    {
        // 1,000 with 15 % overhead is 1,150; a margin of 20 % of the price leaves 80 %: 1,437.50. Arithmetic; common practice.
        var rates = new Rates
        {
            Overhead = 15,
            Margin = 20,
            Tax = 20,
        };
        Assert.Equal(1437.50m, rates.Price(1000m));

        // The reckoner says the same.
        var reckoned = Reckoners
            .Find("price")!
            .Of(
                new Dictionary<string, string>
                {
                    ["hours"] = "20",
                    ["labour"] = "30",
                    ["materials"] = "400",
                    ["overhead"] = "15",
                    ["margin"] = "20",
                    ["tax"] = "20",
                }
            );
        Assert.Equal(1437.50, reckoned.Answer!.Results.Single(r => r.Name == "price before tax").Value, 6);
    }

    [Fact]
    public void The_lines_of_a_quotation_add_up_to_what_it_costs_with_whole_tins()
    {
        var job = Demo.Job with { Rates = Demo.Job.Rates with { Overhead = 12.5m, Margin = 18, Tax = 20 } };
        var specified = Specify(job);
        var (quote, taken) = (Quoting.Of(job, specified), Takeoff.Of(job, specified));

        Assert.Equal(decimal.Round(job.Rates.Price(taken.Cost), 2), quote.Net);
        Assert.Equal(quote.Net, quote.Lines.Sum(l => l.Price));
        Assert.Equal(decimal.Round(quote.Net * 0.2m, 2), quote.Tax);
        Assert.Equal(quote.Lines.Select(l => l.Of).Distinct().Count(), quote.Lines.Length);
        Assert.All(quote.Lines, l => Assert.Equal(l.Price, decimal.Round(l.Price, 2)));

        // A held surface is a provisional sum, and no part of the price.
        var held = taken.Surfaces.Where(s => s.Waits).Select(s => s.SurfaceId).ToArray();
        Assert.NotEmpty(held);
        Assert.All(held, id => Assert.Contains(quote.Provisional, l => l.Of == id));
        Assert.All(held, id => Assert.DoesNotContain(quote.Lines, l => l.Of == id));
    }

    [Fact]
    public void A_quotation_sent_stays_as_it_was_and_the_next_says_what_changed()
    {
        var job = TwoWalls(
            "navy",
            "navy",
            j =>
                j with
                {
                    QuotationTerms = "Half on the first day.\nThe rest when it is done.",
                    Rates = new Rates { Tax = 20, QuotationDays = 45 },
                }
        );
        var quote = Quoting.Of(job, Specify(job));
        var sent = Quoting.Sent(job, quote, "1 December 2026");
        Assert.Equal((1, quote.Net, quote.Lines.Length), (sent.Revision, sent.Net, sent.Lines.Length));

        var later = job with { Quotations = [sent], Rates = job.Rates with { LabourPerHour = 40 } };
        var now = Quoting.Of(later, Specify(later));
        Assert.Equal(2, Quoting.NextRevision(later));
        Assert.Empty(Quoting.Changes(sent, quote, "GBP"));
        Assert.Contains(Quoting.Changes(sent, now, "GBP"), c => c.StartsWith("Room, left: ", StringComparison.Ordinal) && c.Contains("before", StringComparison.Ordinal));
        Assert.Equal(quote.Net, later.Quotations[0].Net);

        var paper = Writing.Write(DocumentKind.Quotation, later, Specify(later), "3 December 2026", "2").ToMarkdown();
        foreach (
            var words in new[]
            {
                "# Quotation 2",
                "45 days",
                "Half on the first day.",
                "tax, 20 %",
                "takes the place of quotation 1 of 1 December 2026",
                "for the client",
                "Not in the price",
            }
        )
        {
            Assert.Contains(words, paper, StringComparison.Ordinal);
        }
    }

    [Fact]
    public void What_is_known_better_makes_the_price_surer()
    {
        var job = Demo.Job;
        var estimate = Estimated(job);
        Assert.Equal(Quoting.Of(job, Specify(job)).Net, estimate.Price);
        Assert.InRange(estimate.Low, 0.5m * estimate.Price, estimate.Price);
        Assert.InRange(estimate.High, estimate.Price, 1.6m * estimate.Price);
        Assert.True(estimate.Inputs.Length >= 3);
        Assert.Equal(estimate.Inputs.OrderByDescending(i => i.Less + i.More).Select(i => i.What), estimate.Inputs.Select(i => i.What));
        // Independent as they are, together they do less than their sum and more than the largest.
        Assert.InRange(estimate.High - estimate.Price, estimate.Inputs.Max(i => i.More), estimate.Inputs.Sum(i => i.More));

        // A list in place of a guess, at the same prices.
        ImmutableArray<ListedPrice> list =
        [
            .. Taken(job)
                .Materials.SelectMany(m =>
                    m.Packed.Buy.Select(b => new ListedPrice
                    {
                        Product = m.Id,
                        Size = b.Size,
                        Price = decimal.Round(m.Packed.Cost / (decimal)m.Packed.Buy.Sum(x => x.Size * x.Count) * (decimal)b.Size, 2),
                    })
                )
                .DistinctBy(p => (p.Product, p.Size)),
        ];
        var withList = job with { Prices = list };
        var listed = Estimating.Of(withList, Specify(job), Takeoff.Of(withList, Specify(job)));
        Assert.DoesNotContain(listed.Inputs, i => i.What.Contains("on no list", StringComparison.Ordinal));
        Assert.True(listed.High - listed.Price < estimate.High - estimate.Price);
    }

    [Fact]
    public void A_surface_never_tried_is_what_the_price_hangs_on()
    {
        Surface Wall(double? loose) =>
            One.Surface(Element.Wall, "gyp_old", One.Good with { LooseShare = loose, FillShare = 0.05 }, [One.Coat("emul_matt")], new Brief { Sheen = Sheen.Matt });
        var (tried, untried) = (One.Job(Wall(0)), One.Job(Wall(null)));

        Assert.DoesNotContain(Estimated(tried).Inputs, i => i.What.Contains("never tried", StringComparison.Ordinal));
        Assert.Contains(Estimated(untried).Inputs, i => i.What == "how much is loose on one surface that was never tried");
    }

    [Fact]
    public void The_solvent_of_a_job_is_that_of_its_litres()
    {
        var taken = Taken(TwoWalls("navy", "sage"));
        var paint = Paint(taken).Sum(m => m.Need);
        var own = new OwnProduct
        {
            Id = "ours",
            Title = "Ours",
            Class = Paint(taken)[0].Id,
            Voc = 0,
        };
        Assert.InRange(taken.VocGrams, 0.001, paint * 1000);
        var less = Taken(TwoWalls("navy", "sage", j => j with { Products = [own] }));
        Assert.True(less.VocGrams < taken.VocGrams);
    }

    [Fact]
    public void What_a_client_reads_is_the_price_in_every_paper()
    {
        Job With(Rates rates) => TwoWalls("white", "white", j => j with { Rates = rates });
        var (plain, marked) = (With(new Rates()), With(new Rates { Margin = 50, Tax = 20 }));
        var (cost, price) = (Specify(plain)["left"].Options[0].Criteria.Money, Specify(marked)["left"].Options[0].Criteria.Money);
        // A margin of half the price doubles the cost.
        Assert.InRange(price, (2 * cost) - 0.02m, (2 * cost) + 0.02m);

        var summary = Writing.Write(DocumentKind.ClientSummary, marked, Specify(marked), "today", "1").ToMarkdown();
        var room = Sharing.Of(marked, Specify(marked)).Sum(t => Figures.Shown(t.Money));
        Assert.Contains($"Altogether {Figures.Money((2 * Figures.Shown(price)) - room, "GBP")} before tax", summary, StringComparison.Ordinal);
        Assert.DoesNotContain("before tax", Writing.Write(DocumentKind.ClientSummary, plain, Specify(plain), "today", "1").ToMarkdown(), StringComparison.Ordinal);
    }

    [Fact]
    public void A_budget_is_held_against_the_price()
    {
        var plain = TwoWalls("white", "white");
        var budget = Specify(plain)["left"].Options.Max(o => o.Criteria.Money) + 1;
        Job With(Rates rates) =>
            One.Job(
                One.Surface(
                    Element.Wall,
                    "gyp_old",
                    One.Good with
                    {
                        Key = Key.Abraded,
                    },
                    [One.Coat("emul_matt")],
                    new Brief
                    {
                        Colour = "white",
                        Sheen = Sheen.Matt,
                        Budget = budget,
                    }
                ),
                with: j => j with { Rates = rates }
            );
        Assert.Empty(Specify(With(new Rates()))["s"].Options[0].NotMet);
        Assert.Contains(Specify(With(new Rates { Margin = 60 }))["s"].Options[0].NotMet, n => n.StartsWith("Over the budget", StringComparison.Ordinal));
    }

    [Fact]
    public void A_room_and_a_surface_may_go_by_one_id()
    {
        var job = Demo.Job;
        var building = job.Buildings[0];
        var (space, rest) = (building.Spaces[0], building.Spaces.RemoveAt(0));
        var alike = job with { Buildings = [building with { Spaces = [space with { Id = space.Surfaces[0].Id }, .. rest] }, .. job.Buildings.RemoveAt(0)] };
        var quote = Quoting.Of(alike, Specify(alike));

        Assert.Equal(quote.Lines.Length, quote.Lines.Select(l => l.Of).Distinct().Count());
        Assert.Empty(Quoting.Changes(Quoting.Sent(alike, quote, "today"), quote, "GBP"));
        Assert.DoesNotContain(
            JobSense.Faults(alike with { Quotations = [Quoting.Sent(alike, quote, "today")] }),
            f => f.Path.StartsWith("$.quotations", StringComparison.Ordinal)
        );
    }

    [Fact]
    public void A_pack_finer_than_a_hundredth_is_never_bought_short()
    {
        // Cans of 375 ml: two hold 0.75 L, so that 0.755 L take three.
        var packed = TinPacking.Pack(0.755, [(0.375, 4m)]);
        Assert.Equal([new Packs(0.375, 3)], packed.Buy);
        Assert.Equal(0.37, packed.Left, 6);
        Assert.Equal([new Packs(0.375, 2)], TinPacking.Pack(0.75, [(0.375, 4m)]).Buy);
    }

    [Fact]
    public void What_nothing_meets_is_named_as_not_offered()
    {
        var job = One.Job(One.Surface(Element.Window, "sw", One.Good, [One.Coat("alkyd_gloss")], new Brief { Sheen = Sheen.Matt }));
        var quote = Quoting.Of(job, Specify(job));
        Assert.Empty(quote.Lines);
        Assert.Equal(0m, quote.Gross);
        Assert.Contains("Nothing is offered yet", Writing.Write(DocumentKind.Quotation, job, Specify(job), "today", "1").ToMarkdown(), StringComparison.Ordinal);
    }

    [Fact]
    public void A_price_list_is_read_in_and_written_out_alike()
    {
        var (job, faults) = Tables.ReadPrices(
            Demo.Job,
            $"product,size,price,supplier,from\r\n{Matt},5,21.50,Quay paints (invented),2026-11-01\r\nsu_tape,50,4.10,,\r\n".Replace(
                "su_tape",
                Sundries.All[0].Id,
                StringComparison.Ordinal
            )
        );

        Assert.Empty(faults);
        Assert.Equal(2, job!.Prices.Length);
        Assert.Equal(new DateOnly(2026, 11, 1), job.Prices[0].From);
        var again = Tables.ReadPrices(job, Tables.Prices(job).Replace("21.5", "22.5", StringComparison.Ordinal));
        Assert.Equal([22.5m, 4.10m], again.Job!.Prices.Select(p => p.Price));
    }

    [Theory]
    [InlineData("product,size,cost\nx,1,2", "line 1, column 3")]
    [InlineData("product,size,price\np_emul_contract,5,-3", "line 2, column 3")]
    [InlineData("product,size,price\np_emul_contract,5,0", "line 2, column 3")]
    [InlineData("product,size,price\np_emul_contract,5,21\np_emul_contract,0,3", "line 3, column 2")]
    [InlineData("product,size,price\np_emul_contract,1e9,21", "line 2, column 2")]
    [InlineData("product,size,price\np_emul_contract,five,21", "line 2, column 2")]
    [InlineData("product,size,price\np_nothing,5,21", "line 2, column 1")]
    [InlineData("product,size,price\np_emul_contract,5,21\np_emul_contract,5,22", "line 3, column 1")]
    [InlineData("product,size,price,from\np_emul_contract,5,21,yesterday", "line 2, column 4")]
    [InlineData("size,price\n5,21", "line 1")]
    public void A_bad_price_list_is_refused_with_its_line_and_changes_nothing(string list, string where)
    {
        var (job, faults) = Tables.ReadPrices(Demo.Job, list);

        Assert.Null(job);
        Assert.Contains(faults, f => f.Path.StartsWith(where, StringComparison.Ordinal));
    }

    [Fact]
    public void A_price_list_without_end_is_refused_at_the_row_that_is_too_many()
    {
        var rows = string.Concat(Enumerable.Range(1, Limits.TableRows + 1).Select(i => $"{Matt},{i / 100.0},3\n"));
        var (job, faults) = Tables.ReadPrices(Demo.Job, $"product,size,price\n{rows}");

        Assert.Null(job);
        Assert.StartsWith($"line {Limits.TableRows + 2}", Assert.Single(faults).Path, StringComparison.Ordinal);
    }

    [Fact]
    public void What_makes_no_sense_in_the_store_is_refused()
    {
        var tin = new StoreTin
        {
            Id = "a",
            Product = Matt,
            Amount = 3,
            Container = 2.5,
        };
        var faults = JobSense.Faults(Demo.Job with { Store = [tin, tin with { Product = "p_none", Container = 5 }] });

        Assert.Equal(
            ["$.store[0].amount", "$.store[1].id", "$.store[1].product"],
            faults.Select(f => f.Path).Where(p => p.StartsWith("$.store", StringComparison.Ordinal))
        );
    }
}
