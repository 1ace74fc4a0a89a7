package hausaufgabe.server;

import hausaufgabe.server.submission.Summary;
import io.swagger.v3.core.converter.ModelConverters;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.JsonSchema;
import io.swagger.v3.oas.models.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * What the description of the API says that the types do not: which properties may be absent. All others are always there.
 * The web application's types are generated from it.
 */
@Configuration
class ApiDescription {

    private static final Map<String, Set<String>> MAY_BE_ABSENT = Map.ofEntries(
            Map.entry("Session", Set.of("staff")),
            Map.entry("SandboxState", Set.of("problem")),
            Map.entry("SubmissionView", Set.of("progress", "failure", "report")),
            Map.entry("CheckReport", Set.of("form")),
            Map.entry("Piece", Set.of("role")),
            Map.entry("Line", Set.of("good")),
            Map.entry("ScenarioResult", Set.of("calls")),
            Map.entry("Message", Set.of("result")),
            Map.entry("HealthFact", Set.of("before")),
            Map.entry("ReviewView", Set.of("settledBy", "settledAt")),
            Map.entry("Change", Set.of("item", "before", "after", "reason")),
            Map.entry("Row", Set.of("handedIn", "points", "possible", "markedBy")),
            Map.entry("LastAttempt", Set.of("progress", "failure", "verdict", "form")),
            Map.entry("GivenPoints", Set.of("reason")));

    @Bean
    OpenApiCustomizer presence() {
        return api -> {
            api.info(new Info().title("Hausaufgabe").version("1"));
            api.servers(List.of());
            // rows carry their marks as they are kept, in JSON already
            ModelConverters.getInstance(true).readAll(Summary.Mark.class).forEach(api.getComponents()::addSchemas);
            api.getComponents()
                    .getSchemas()
                    .get("LastAttempt")
                    .getProperties()
                    .put(
                            "marks",
                            new JsonSchema()
                                    .typesItem("array")
                                    .items(new Schema<>().$ref("#/components/schemas/Mark")));
            api.getComponents().getSchemas().forEach(ApiDescription::require);
        };
    }

    private static void require(String name, Schema<?> schema) {
        if (schema.getProperties() != null) {
            List<String> required = new ArrayList<>(schema.getProperties().keySet());
            required.removeAll(MAY_BE_ABSENT.getOrDefault(name, Set.of()));
            required.sort(null);
            schema.setRequired(required);
        }
    }
}
