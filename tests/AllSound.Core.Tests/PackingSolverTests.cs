using AllSound.Core.Materials;
using Google.OrTools.Sat;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>The cheapest tins against an outside solver: CP-SAT of Google OR-Tools 9.15, which knows nothing of tins.</summary>
public sealed class PackingSolverTests
{
    private static readonly double[] Sizes = [0.25, 0.375, 0.5, 0.75, 1, 1.25, 2, 2.5, 3, 4, 5, 7.5, 10, 12.5, 15, 20];

    [Fact]
    public void Five_hundred_needs_cost_what_the_solver_proves_and_leave_no_more()
    {
        var chance = new Random(77);
        for (var i = 0; i < 500; i++)
        {
            var packs = Sizes
                .OrderBy(_ => chance.Next())
                .Take(chance.Next(1, 6))
                .Select(s => (Size: s, Price: decimal.Round((decimal)(s * (2 + (chance.NextDouble() * 9))) + 0.01m, 2)))
                .ToArray();
            var need = Math.Round(chance.NextDouble() * 60, 2);
            var packed = TinPacking.Pack(need, [.. packs]);
            var (cost, bought) = Proved(packs, need);

            Assert.Equal(cost, (long)(packed.Cost * 100));
            Assert.Equal(packed.Cost, packed.Buy.Sum(b => b.Count * packs.Single(p => p.Size == b.Size).Price));
            Assert.Equal(bought, (long)Math.Round(packed.Buy.Sum(b => b.Count * b.Size) * 1000));
        }
    }

    // Least cents, and of those the least millilitres bought.
    private static (long Cents, long Millilitres) Proved((double Size, decimal Price)[] packs, double need)
    {
        var model = new CpModel();
        var counts = packs.Select((p, i) => model.NewIntVar(0, (long)Math.Ceiling(need / p.Size), $"n{i}")).ToArray();
        var (cents, millilitres) = (
            LinearExpr.WeightedSum(counts, packs.Select(p => (long)(p.Price * 100))),
            LinearExpr.WeightedSum(counts, packs.Select(p => (long)(p.Size * 1000)))
        );
        model.Add(millilitres >= (long)Math.Round(need * 1000));
        // A litre more is never worth a cent.
        model.Minimize((cents * 1_000_000) + millilitres);
        var solver = new CpSolver { StringParameters = "num_workers:1" };
        Assert.Equal(CpSolverStatus.Optimal, solver.Solve(model));
        return (solver.Value(cents), solver.Value(millilitres));
    }
}
