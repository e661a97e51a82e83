using System.Collections.Immutable;
using AllSound.Core.Jobs;
using AllSound.Core.Materials;
using AllSound.Core.Site;
using AllSound.Core.Specification;
using AllSound.Core.Surfaces;
using AllSound.Core.Treatment;

namespace AllSound.Core.Durability;

/// <summary>A job that begins where an earlier one on the same building ended: its layers are the last as-built, known and not guessed.</summary>
public static class NextJob
{
    /// <summary>
    /// The job to begin with. Of each surface the layers are what was found and is still there, with what was laid over it by the log; what was tested of lead and
    /// asbestos stays known; where paint with lead was stripped it is presumed until it is tested again. All else of the condition is to be found anew: what was found, chosen, measured, written or paid belongs to the job before.
    /// </summary>
    /// <param name="job">The earlier job, with its log.</param>
    /// <param name="specified">What was specified for its surfaces, by id.</param>
    public static Job After(Job job, IReadOnlyDictionary<string, Specified> specified)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(specified);
        var rooms = Templates.RoomsOf(job);
        var surfaces = job.Surfaces().ToDictionary(x => x.Surface.Id, x => x.Surface, StringComparer.Ordinal);
        return rooms with
        {
            Client = job.Client,
            Address = job.Address,
            Quotations = [],
            Bought = [],
            Store = [.. job.Store, .. Over(job)],
            Buildings =
            [
                .. rooms
                    .Buildings.Zip(job.Buildings)
                    .Select(b =>
                        b.First with
                        {
                            Built = b.Second.Built,
                            Surroundings = b.Second.Surroundings,
                            Spaces =
                            [
                                .. b
                                    .First.Spaces.Zip(b.Second.Spaces)
                                    .Select(s =>
                                        s.First with
                                        {
                                            Surroundings = s.Second.Surroundings,
                                            Surfaces = [.. s.First.Surfaces.Select(f => Left(f, job, surfaces[f.Id], specified[f.Id]))],
                                        }
                                    ),
                            ],
                        }
                    ),
            ],
        };
    }

    // What was written down as left over stands in the store, in the colour of the face it was for.
    private static IEnumerable<StoreTin> Over(Job job)
    {
        var surfaces = job.Surfaces().ToDictionary(x => x.Surface.Id, x => x.Surface, StringComparer.Ordinal);
        var taken = job.Store.Select(t => t.Id).ToHashSet(StringComparer.Ordinal);
        var n = 0;
        foreach (var left in SiteLog.Standing(job.Log).Where(e => e is { Kind: LogKind.Leftover, Product: not null, Litres: > 0 }))
        {
            string id;
            do
            {
                id = $"left-{++n}";
            } while (!taken.Add(id));

            yield return new StoreTin
            {
                Id = id,
                Product = left.Product!,
                Amount = Math.Min(left.Litres!.Value, Limits.Pack),
                Colour = left.Surface is { } of && surfaces.TryGetValue(of, out var surface) ? surface.Brief.Colour : null,
                Batch = left.Batch,
                Where = left.Text,
                Opened = DateOnly.FromDateTime(left.At),
            };
        }
    }

    private static Surface Left(Surface bare, Job job, Surface before, Specified specified)
    {
        var state = SiteFold.Of(job, before, specified);
        var done = state.Done.Where(d => d.Completes).ToArray();
        var bared = Array.FindLastIndex(done, d => d.Act.Strips);
        var laid = done.Skip(bared + 1).SelectMany(Laid).ToImmutableArray();
        return bare with
        {
            Year = before.Year,
            // What nobody ever recorded stays unknown, also under what was laid over it.
            Layers =
                bared >= 0 ? Merged(laid)
                : before.Layers is { } old ? Merged([.. old.Select(l => l with { AgeDays = null }), .. laid])
                : null,
            Facts = new Facts
            {
                // What is left of old paint in the grain and the corners is nobody's proof of anything: it is tested again, or worked as lead.
                Lead = bared >= 0 && state.Now.Get(Facets.Lead) != Lead.ProvedAbsent ? Lead.Presumed : before.Facts.Lead,
                LeadProof = before.Facts.LeadProof,
                Asbestos = before.Facts.Asbestos,
                AsbestosProof = before.Facts.AsbestosProof,
            },
            Brief = before.Brief with { Strip = before.Brief.Strip && bared < 0 },
            Notes =
                before.Layers is null && !laid.IsEmpty
                    ? $"Laid last: {string.Join(", ", laid.Select(l => ExistingCoatings.Find(l.Coating)?.Title ?? l.Coating))}."
                    : null,
        };

        IEnumerable<Layer> Laid(DoneStep done)
        {
            if (done.Act.Product is not { } product || done.Act.Operation.Role is CoatRole.None or CoatRole.Spot || OldCoats.Of(product) is not { } film)
            {
                yield break;
            }

            var finish = done.Act.Operation.Role == CoatRole.Finish;
            yield return new Layer
            {
                Coating = film,
                Coats = done.Act.Operation.Coats,
                Year = done.End.Year,
                Colour = finish ? before.Brief.Colour : null,
                Lrv = finish ? before.Brief.Lrv : null,
            };
        }
    }

    // Coats of one kind on each other are one layer.
    private static ImmutableArray<Layer> Merged(ImmutableArray<Layer> layers)
    {
        var merged = new List<Layer>();
        foreach (var layer in layers)
        {
            if (merged is [.., var last] && last.Coating == layer.Coating && last.Year == layer.Year && last.Colour == layer.Colour)
            {
                merged[^1] = last with { Coats = Math.Min(last.Coats + layer.Coats, 60) };
            }
            else
            {
                merged.Add(layer);
            }
        }

        return [.. merged];
    }
}
