namespace AllSound.Core.Jobs;

/// <summary>Where a job's buildings stand on the globe.</summary>
public static class SitePlace
{
    /// <summary>
    /// Degrees, north positive: as the job says, or else where most people of its country live (from memory, whole degrees), for daylight and for
    /// which side has the sun.
    /// </summary>
    /// <param name="job">The job.</param>
    public static double Latitude(Job job)
    {
        ArgumentNullException.ThrowIfNull(job);
        return job.Weather?.Latitude
            ?? job.Jurisdiction switch
            {
                Jurisdiction.GB => 52,
                Jurisdiction.IE => 53,
                Jurisdiction.US => 39,
                Jurisdiction.CA => 46,
                Jurisdiction.AU => -34,
                Jurisdiction.NZ => -39,
                Jurisdiction.ZA => -29,
                _ => 50,
            };
    }
}
