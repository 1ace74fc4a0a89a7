package hausaufgabe.server;

import hausaufgabe.server.submission.Summary;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.converter.ModelConverters;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.JsonSchema;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.RecordComponent;
import java.util.Iterator;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * What the description of the API says beyond its paths: which properties are always there, read from the records themselves.
 * The web application's types are generated from it.
 */
@Configuration
class ApiDescription {

    @Bean
    OpenApiCustomizer presence() {
        return api -> {
            api.info(new Info().title("Hausaufgabe").version("1"));
            api.servers(List.of());
            // rows carry their marks as they are kept, in JSON already
            ModelConverters.getInstance(true).readAll(Summary.Mark.class).forEach(api.getComponents()::addSchemas);
            api.getComponents()
                    .getSchemas()
                    .get("CountedAttempt")
                    .getProperties()
                    .put(
                            "marks",
                            new JsonSchema()
                                    .typesItem("array")
                                    .items(new Schema<>().$ref("#/components/schemas/Mark")));
        };
    }

    /** What a record does not say may be absent is always there. */
    @Bean
    ModelConverter required() {
        return new ModelConverter() {
            @Override
            public Schema<?> resolve(
                    AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> others) {
                Schema<?> resolved = others.hasNext() ? others.next().resolve(type, context, others) : null;
                Class<?> raw = Json.mapper().constructType(type.getType()).getRawClass();
                if (resolved != null && raw.isRecord()) {
                    require(raw, modelOf(resolved, context));
                }
                return resolved;
            }
        };
    }

    private static Schema<?> modelOf(Schema<?> resolved, ModelConverterContext context) {
        String reference = resolved.get$ref();
        return reference == null
                ? resolved
                : context.getDefinedModels().get(reference.substring(reference.lastIndexOf('/') + 1));
    }

    private static void require(Class<?> type, Schema<?> schema) {
        if (schema != null && schema.getProperties() != null) {
            Set<String> required = new TreeSet<>(schema.getProperties().keySet());
            Stream.of(type.getRecordComponents())
                    .filter(c -> c.getAnnotatedType().isAnnotationPresent(Nullable.class))
                    .map(RecordComponent::getName)
                    .forEach(required::remove);
            schema.setRequired(List.copyOf(required));
        }
    }
}
