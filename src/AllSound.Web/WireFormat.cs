using System.Text.Json;
using System.Text.Json.Serialization.Metadata;
using AllSound.Core.Exchange;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;

namespace AllSound.Web;

/// <summary>The API speaks the job file's vocabulary: same names, same strictness.</summary>
internal static class WireFormat
{
    public static void Apply(JsonSerializerOptions options)
    {
        var ours = JobFile.Options;
        options.PropertyNamingPolicy = ours.PropertyNamingPolicy;
        options.UnmappedMemberHandling = ours.UnmappedMemberHandling;
        options.RespectNullableAnnotations = ours.RespectNullableAnnotations;
        options.NumberHandling = ours.NumberHandling;
        foreach (var converter in ours.Converters)
        {
            options.Converters.Add(converter);
        }

        options.TypeInfoResolver = (options.TypeInfoResolver ?? new DefaultJsonTypeInfoResolver()).WithAddedModifier(SpokenJson.Prose(() => RequestSpeech.Current));
    }

    public static void Describe(OpenApiOptions options)
    {
        options.AddDocumentTransformer(
            (document, _, _) =>
            {
                document.Info.Title = "All Sound";
                document.Info.Version = "1";
                document.Servers = [];
                return Task.CompletedTask;
            }
        );
        options.AddSchemaTransformer(
            (schema, context, _) =>
            {
                var type = Nullable.GetUnderlyingType(context.JsonTypeInfo.Type) ?? context.JsonTypeInfo.Type;
                if (type.IsEnum)
                {
                    schema.Type = JsonSchemaType.String;
                    schema.Enum = [.. JobFile.Names(type).Select(n => (System.Text.Json.Nodes.JsonNode)n)];
                }

                return Task.CompletedTask;
            }
        );
    }
}
