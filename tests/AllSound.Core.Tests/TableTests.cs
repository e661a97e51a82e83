using AllSound.Core.Exchange;
using AllSound.Core.Jobs;
using AllSound.Core.Surfaces;
using AllSound.Testing;
using Xunit;

namespace AllSound.Core.Tests;

/// <summary>Tables of surfaces and readings go out and come in; a bad one names its line and column and changes nothing.</summary>
public sealed class TableTests
{
    [Fact]
    public void A_job_read_back_from_its_own_tables_is_the_same_job()
    {
        var text = JobFile.Write(Demo.Job);
        var (surfaces, faults) = Tables.ReadSurfaces(Demo.Job, Tables.Surfaces(Demo.Job));
        Assert.Empty(faults);
        Assert.Equal(text, JobFile.Write(surfaces!));
        var (readings, more) = Tables.ReadReadings(Demo.Job, Tables.Readings(Demo.Job));
        Assert.Empty(more);
        Assert.Equal(text, JobFile.Write(readings!));
    }

    [Fact]
    public void Generated_jobs_read_back_too()
    {
        for (var seed = 0; seed < 20; seed++)
        {
            var job = SurveyGenerator.Job(seed, 12);
            var (back, faults) = Tables.ReadSurfaces(job, Tables.Surfaces(job));
            Assert.Empty(faults);
            Assert.Equal(JobFile.Write(job), JobFile.Write(back!));
        }
    }

    [Fact]
    public void A_row_changes_what_it_names_and_leaves_the_rest()
    {
        var (job, faults) = Tables.ReadSurfaces(Demo.Job, "id,looseShare,powdery\r\nstair-wall,0.3,no\r\n");
        Assert.Empty(faults);
        var (before, after) = (Find(Demo.Job, "stair-wall"), Find(job!, "stair-wall"));
        Assert.Equal((0.3, false), (after.Facts.LooseShare, after.Facts.Powdery));
        Assert.Equal(before.Facts with { LooseShare = 0.3, Powdery = false }, after.Facts);
    }

    [Fact]
    public void A_new_row_is_a_new_surface_and_a_zone_may_refer_to_a_row_above()
    {
        const string Table =
            "space,id,title,element,substrate,lengthM,heightM,zoneOf,zoneWidthM,zoneHeightM\nticket-office,pipe,Heating pipe,pipe,cu,6,,,,\nticket-office,patch,Damp patch,wall,gyp_old,,,stair-wall,0.6,0.4\n";
        var (job, faults) = Tables.ReadSurfaces(Demo.Job, Table);
        Assert.Empty(faults);
        Assert.Equal(Element.Pipe, Find(job!, "pipe").Element);
        Assert.Equal("stair-wall", Find(job!, "patch").Zone!.Of);
    }

    [Theory]
    [InlineData("", "line 1")]
    [InlineData("nonsense\nx", "line 1, column 1")]
    [InlineData("id,id\nstair-wall,x", "line 1, column 2")]
    [InlineData("title\nx", "line 1")]
    [InlineData("id,title\n", "line 2")]
    [InlineData("id,looseShare\nstair-wall,lots", "line 2, column 2 (looseShare)")]
    [InlineData("id,looseShare\nstair-wall,3", "line 2, column 2 (looseShare)")]
    [InlineData("id,looseShare\nstair-wall", "line 2")]
    [InlineData("id,ph\nskirting,7\nstair-wall,99", "line 3, column 2 (ph)")]
    [InlineData("id,substrate\nstair-wall,cheese", "line 2, column 2 (substrate)")]
    [InlineData("id,element\nstair-wall,7", "line 2, column 2 (element)")]
    [InlineData("id,moisture\nstair-wall,soggy", "line 2, column 2 (moisture)")]
    [InlineData("id,title\nnobody,New", "line 2")]
    [InlineData("id,layers\nstair-wall,cheese x2", "line 2, column 2 (layers)")]
    [InlineData("id,title\nstair-wall,\"open", "line")]
    [InlineData("id,ti\0tle\nstair-wall,x", "line 1")]
    public void A_bad_table_of_surfaces_names_the_place(string table, string place)
    {
        var (job, faults) = Tables.ReadSurfaces(Demo.Job, table);
        Assert.Null(job);
        Assert.StartsWith(place, faults[0].Path, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("surface,check,value\nnobody,T_ph,7", "line 2, column 1 (surface)")]
    [InlineData("surface,check,value\nstair-wall,T_nothing,7", "line 2, column 2 (check)")]
    [InlineData("surface,check,value\nstair-wall,T_ph,70", "line 2, column 3 (value)")]
    [InlineData("surface,check,value,unit\nstair-wall,T_ph,7,kg", "line 2, column 4 (unit)")]
    [InlineData("surface,check,value\nstair-wall,T_ph,sour", "line 2, column 3 (value)")]
    [InlineData("surface,check,outcome\nstair-wall,T_tap,gone", "line 2, column 3 (outcome)")]
    [InlineData("surface,check,value,at\nstair-wall,T_ph,7,yesterday", "line 2, column 4 (at)")]
    public void A_bad_table_of_readings_names_the_place(string table, string place)
    {
        var (job, faults) = Tables.ReadReadings(Demo.Job, table);
        Assert.Null(job);
        Assert.StartsWith(place, faults[0].Path, StringComparison.Ordinal);
    }

    private static Surface Find(Job job, string id) => job.Surfaces().Single(x => x.Surface.Id == id).Surface;
}
