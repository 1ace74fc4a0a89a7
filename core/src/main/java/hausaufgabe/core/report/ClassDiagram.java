package hausaufgabe.core.report;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The types of a submission and how they stand to each other, in the terms of UML's class diagrams.
 *
 * @param classifiers those that play a role first, then those near them
 * @param relationships between them; at most one of a kind for a pair, and no dependency beside another
 * @param leftOut how many types are not in it, because there are too many
 */
public record ClassDiagram(List<Classifier> classifiers, List<Relationship> relationships, int leftOut) {

    /**
     * A type, or a role that nobody plays.
     *
     * @param id unique in the diagram; by it a person says that the type plays a role
     * @param name simple name; empty for a role that nobody plays
     * @param keyword what UML writes in guillemets over the name; null where it writes nothing
     * @param roles the roles it plays, or that it should
     * @param place where it is declared; null where the submission does not declare it
     */
    public record Classifier(
            String id,
            String name,
            @Nullable String keyword,
            boolean isAbstract,
            List<String> roles,
            List<Feature> attributes,
            List<Feature> operations,
            @Nullable Evidence place) {}

    /**
     * A line in a compartment.
     *
     * @param text as UML writes it, with its visibility
     * @param member which member of the pattern it is; null where none
     */
    public record Feature(
            String text,
            boolean isAbstract,
            boolean isStatic,
            @Nullable String member) {}

    /**
     * @param multiplicity at the end of {@code to}, of an association; else null
     * @param label name of the attribute that makes an association, or a keyword; null where there is none
     * @param isMissing whether the pattern asks for it and it is not there
     */
    public record Relationship(
            String from,
            String to,
            Kind kind,
            @Nullable String multiplicity,
            @Nullable String label,
            boolean isMissing) {}

    /** UML's relationships that are drawn. */
    public enum Kind {
        GENERALISATION,
        REALISATION,
        ASSOCIATION,
        DEPENDENCY
    }
}
