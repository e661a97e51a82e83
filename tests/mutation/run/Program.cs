using System.Globalization;
using AllSound.Mutation;

// mutate FOLDER [SAMPLE] [SEED] [ID,ID,...]: see docs/quality.md.
if (args is ["worker", var dll])
{
    Worker.Serve(dll);
    return;
}

string[] spaces = ["Specification", "Treatment", "Diagnosis"];
var folder = args[0];
var mutants = Mutant.In(Path.Combine(folder, "AllSound.Core.mutated.dll"), Path.Combine(folder, "AllSound.Core.dll")).Where(m => spaces.Contains(m.Space)).ToList();
if (args.Length > 3)
{
    var ids = args[3].Split(',').Select(w => int.Parse(w, CultureInfo.InvariantCulture)).ToHashSet();
    mutants = [.. mutants.Where(m => ids.Contains(m.Id))];
}
else
{
    Console.Error.WriteLine($"{mutants.Count} mutants");
    var random = new Random(args.Length > 2 ? int.Parse(args[2], CultureInfo.InvariantCulture) : 1);
    mutants = [.. mutants.OrderBy(_ => random.Next()).Take(args.Length > 1 ? int.Parse(args[1], CultureInfo.InvariantCulture) : 100)];
}

new Harness(Path.Combine(folder, "AllSound.Core.Tests.dll"), "mutants.log").Run(mutants);
