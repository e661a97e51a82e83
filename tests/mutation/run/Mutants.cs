using Mono.Cecil;
using Mono.Cecil.Cil;

namespace AllSound.Mutation;

/// <summary>A mutant that Stryker put into an assembly.</summary>
/// <param name="Id">Its number.</param>
/// <param name="Type">The type that it is in, with its namespace.</param>
/// <param name="Method">The method.</param>
internal sealed record Mutant(int Id, string Type, string Method)
{
    /// <summary>Name of the field that the switch marks what it is asked about in; null to mark nothing.</summary>
    public const string Seen = "Seen";

    /// <summary>Name of the field with the number of the mutant that is at work.</summary>
    public const string Active = "ActiveMutant";

    /// <summary>Name of the environment variable with the number of the mutant that is at work from the start; -1 for none.</summary>
    public const string FromStart = "ALLSOUND_MUTANT";

    /// <summary>More than any mutant's number.</summary>
    public const int Most = 1 << 16;

    /// <summary>The last word of its namespace.</summary>
    public string Space => Type.Split('/')[0].Split('.')[^2];

    /// <summary>
    /// All mutants of an assembly, each a call of MutantControl.IsActive with the number as a constant; and a copy of the
    /// assembly in which that switch is quick, since Stryker's own looks every question up in a list.
    /// </summary>
    public static List<Mutant> In(string assembly, string copy)
    {
        using var definition = AssemblyDefinition.ReadAssembly(assembly);
        var types = definition.MainModule.GetTypes().ToList();
        var isActive = types.Single(t => t.Name == "MutantControl").Methods.Single(m => m.Name == "IsActive");
        var found = new List<Mutant>();
        foreach (var method in types.SelectMany(t => t.Methods).Where(m => m.HasBody))
        {
            foreach (var call in method.Body.Instructions.Where(i => i.OpCode == OpCodes.Call && i.Operand is MethodReference to && to.FullName == isActive.FullName))
            {
                if (Constant(call.Previous) is { } id)
                {
                    found.Add(new Mutant(id, method.DeclaringType.FullName, method.Name));
                }
            }
        }

        Quicken(definition.MainModule, isActive);
        definition.Write(copy);
        return found;
    }

    // if (Seen != null) Seen[id] = true; return id == ActiveMutant;
    private static void Quicken(ModuleDefinition module, MethodDefinition isActive)
    {
        var seen = new FieldDefinition(Seen, FieldAttributes.Public | FieldAttributes.Static, new ArrayType(module.TypeSystem.Boolean));
        isActive.DeclaringType.Fields.Add(seen);
        var active = isActive.DeclaringType.Fields.Single(f => f.Name == Active);
        Begin(module, isActive.DeclaringType, seen, active);
        isActive.Body = new MethodBody(isActive);
        var il = isActive.Body.GetILProcessor();
        var compare = il.Create(OpCodes.Ldarg_0);
        il.Emit(OpCodes.Ldsfld, seen);
        il.Emit(OpCodes.Brfalse, compare);
        il.Emit(OpCodes.Ldsfld, seen);
        il.Emit(OpCodes.Ldarg_0);
        il.Emit(OpCodes.Ldc_I4_1);
        il.Emit(OpCodes.Stelem_I1);
        il.Append(compare);
        il.Emit(OpCodes.Ldsfld, active);
        il.Emit(OpCodes.Ceq);
        il.Emit(OpCodes.Ret);
    }

    // Seen = new bool[Most]; ActiveMutant = int.Parse(the environment variable), at the end of the constructor of the class:
    // much of the core is made ready before anybody can set a field of it.
    private static void Begin(ModuleDefinition module, TypeDefinition control, FieldDefinition seen, FieldDefinition active)
    {
        var constructor = control.Methods.SingleOrDefault(m => m.IsConstructor && m.IsStatic);
        if (constructor is null)
        {
            var how = MethodAttributes.Private | MethodAttributes.Static | MethodAttributes.SpecialName | MethodAttributes.RTSpecialName | MethodAttributes.HideBySig;
            constructor = new MethodDefinition(".cctor", how, module.TypeSystem.Void);
            control.Methods.Add(constructor);
        }
        else
        {
            constructor.Body.Instructions.RemoveAt(constructor.Body.Instructions.Count - 1);
        }

        var il = constructor.Body.GetILProcessor();
        il.Emit(OpCodes.Ldc_I4, Most);
        il.Emit(OpCodes.Newarr, module.TypeSystem.Boolean);
        il.Emit(OpCodes.Stsfld, seen);
        il.Emit(OpCodes.Ldstr, FromStart);
        il.Emit(OpCodes.Call, module.ImportReference(typeof(Environment).GetMethod(nameof(Environment.GetEnvironmentVariable), [typeof(string)])));
        il.Emit(OpCodes.Call, module.ImportReference(typeof(int).GetMethod(nameof(int.Parse), [typeof(string)])));
        il.Emit(OpCodes.Stsfld, active);
        il.Emit(OpCodes.Ret);
    }

    private static int? Constant(Instruction load) =>
        load.OpCode.Code switch
        {
            Code.Ldc_I4 => (int)load.Operand,
            Code.Ldc_I4_S => (sbyte)load.Operand,
            >= Code.Ldc_I4_0 and <= Code.Ldc_I4_8 => load.OpCode.Code - Code.Ldc_I4_0,
            _ => null,
        };
}
