using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Records;
using AllSound.Core.Surfaces;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>A job as flat records: taken apart and put together, edited and compared.</summary>
public sealed class RecordTests
{
    private static readonly RecordSet Records = RecordSet.Empty.With(Demo.Job).Stamp(RecordSet.Empty, 7);

    [Fact]
    public void A_job_taken_apart_is_the_same_when_put_together() => Assert.Equal(JobFile.Write(Demo.Job), JobFile.Write(Records.Assemble(Demo.Job.Id)));

    [Fact]
    public void The_same_job_put_in_again_changes_nothing()
    {
        var again = JobFile.Read(Demo.Text).Job!;
        Assert.Empty(RecordSet.Differences(Records, Records.With(again)));
    }

    [Fact]
    public void Only_what_differs_is_changed_and_gets_the_new_version()
    {
        var before = Records;
        var wall = (Surface)before.Find(RecordKind.Surface, "stair-wall")!.Value;
        var after = before.Put(new RecordKey(RecordKind.Surface, "stair-wall"), "ticket-office", wall with { Notes = "new" });
        Assert.Equal([new RecordKey(RecordKind.Surface, "stair-wall")], RecordSet.Differences(before, after).Select(d => d.Key));
        var stamped = after.Stamp(before, 8);
        Assert.Equal(8, stamped.Find(RecordKind.Surface, "stair-wall")!.Version);
        Assert.Equal(7, stamped.Find(RecordKind.Surface, "skirting")!.Version);
        Assert.Null(((Surface)before.Find(RecordKind.Surface, "stair-wall")!.Value).Notes == "new" ? "changed in place" : null);
    }

    [Fact]
    public void A_surface_added_to_a_room_moves_no_other()
    {
        var job = Demo.Job;
        var room = job.Buildings[0].Spaces[0];
        var more = job with
        {
            Buildings = job.Buildings.SetItem(
                0,
                job.Buildings[0] with
                {
                    Spaces = job.Buildings[0].Spaces.SetItem(0, room with { Surfaces = room.Surfaces.Insert(1, room.Surfaces[0] with { Id = "between" }) }),
                }
            ),
        };
        var after = Records.With(more);
        Assert.Equal(JobFile.Write(more), JobFile.Write(after.Assemble(job.Id)));
        Assert.Contains(RecordSet.Differences(Records, after), d => d.Key.Id == "between");
        var appended = Records.With(
            job with
            {
                Buildings = job.Buildings.SetItem(
                    0,
                    job.Buildings[0] with
                    {
                        Spaces = job.Buildings[0].Spaces.SetItem(0, room with { Surfaces = room.Surfaces.Add(room.Surfaces[0] with { Id = "last" }) }),
                    }
                ),
            }
        );
        Assert.Single(RecordSet.Differences(Records, appended));
    }

    [Fact]
    public void What_is_taken_away_takes_all_that_belongs_to_it_along_but_a_zones_photos_go_to_its_element()
    {
        var zone = ((Surface)Records.Find(RecordKind.Surface, "stair-wall")!.Value) with
        {
            Id = "zone",
            Zone = new Zone
            {
                Of = "stair-wall",
                WidthM = 1,
                HeightM = 1,
            },
        };
        var photo = new Photo
        {
            Stage = PhotoStage.Before,
            Taken = new DateTime(2026, 10, 5, 9, 30, 0, DateTimeKind.Unspecified),
            Width = 4,
            Height = 3,
        };
        var set = Records.Put(new RecordKey(RecordKind.Surface, "zone"), "ticket-office", zone).Put(new RecordKey(RecordKind.Photo, "p"), "zone", photo);
        Assert.Equal("stair-wall", set.Remove(new RecordKey(RecordKind.Surface, "zone")).Find(RecordKind.Photo, "p")!.Parent);
        var gone = set.Remove(new RecordKey(RecordKind.Building, "ferry-house"));
        Assert.Null(gone.Find(RecordKind.Photo, "p"));
        Assert.Null(gone.Find(RecordKind.Surface, "zone"));
        Assert.NotNull(gone.Find(RecordKind.Building, "annexe"));
        Assert.Equal(0, set.Remove(new RecordKey(RecordKind.Job, Demo.Job.Id)).Count);
    }
}
