using System.Reflection.Metadata;
using System.Reflection.Metadata.Ecma335;
using System.Reflection.PortableExecutable;

// Lists the mutants that Stryker put into an assembly: id, type and method, parted by tabs. Each is a call of
// MutantControl.IsActive with the id as a constant.
const byte Call = 0x28;
const byte Load = 0x20;
const byte LoadShort = 0x1F;
const byte LoadZero = 0x16;
const byte LoadEight = 0x1E;

using var file = new PEReader(File.OpenRead(args[0]));
var metadata = file.GetMetadataReader();
var isActive = metadata
    .MethodDefinitions.Where(h =>
        Name(h) == "IsActive" && TypeName(metadata.GetMethodDefinition(h).GetDeclaringType()).EndsWith("MutantControl", StringComparison.Ordinal)
    )
    .Select(h => MetadataTokens.GetToken(h))
    .Single();

foreach (var handle in metadata.MethodDefinitions)
{
    var method = metadata.GetMethodDefinition(handle);
    if (method.RelativeVirtualAddress == 0)
    {
        continue;
    }

    var code = file.GetMethodBody(method.RelativeVirtualAddress).GetILBytes() ?? [];
    for (var i = 1; i + 4 < code.Length; i++)
    {
        if (code[i] == Call && BitConverter.ToInt32(code, i + 1) == isActive && Constant(code.AsSpan(0, i)) is { } id)
        {
            Console.WriteLine($"{id}\t{TypeName(method.GetDeclaringType())}\t{Name(handle)}");
        }
    }
}

string Name(MethodDefinitionHandle handle) => metadata.GetString(metadata.GetMethodDefinition(handle).Name);

string TypeName(TypeDefinitionHandle handle)
{
    var type = metadata.GetTypeDefinition(handle);
    var outer = type.GetDeclaringType();
    return outer.IsNil ? $"{metadata.GetString(type.Namespace)}.{metadata.GetString(type.Name)}" : $"{TypeName(outer)}+{metadata.GetString(type.Name)}";
}

static int? Constant(ReadOnlySpan<byte> before) =>
    before.Length >= 5 && before[^5] == Load ? BitConverter.ToInt32(before[^4..])
    : before.Length >= 2 && before[^2] == LoadShort ? (sbyte)before[^1]
    : before.Length >= 1 && before[^1] is >= LoadZero and <= LoadEight ? before[^1] - LoadZero
    : null;
