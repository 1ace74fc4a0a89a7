package hausaufgabe.core.design;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Types of the program that only keep others: entries, in which a type wraps what it puts into its own containers; and
 * containers of its own, such as a list of listeners.
 */
final class Keepers {

    private static final int MOST_FIELDS = 5;

    private final Design design;
    private final Map<Span, List<Value>> made = new HashMap<>();
    private final Map<String, Boolean> entries = new HashMap<>();

    Keepers(Design design) {
        this.design = design;
    }

    /** Whether a type is private to another, stands in no line of types, and has but few fields: those it wraps. */
    synchronized boolean isEntry(String type) {
        Boolean known = entries.get(type);
        if (known == null) {
            known = design.type(type).filter(this::isEntry).isPresent();
            entries.put(type, known);
            if (known) {
                noteCreations(type);
            }
        }
        return known;
    }

    private boolean isEntry(Type type) {
        long fields = design.fieldsOf(type).stream().filter(f -> !f.isStatic()).count();
        return type.isOwn()
                && type.isNamed()
                && type.enclosing() != null
                && type.flags().visibility() == Visibility.PRIVATE
                && (type.kind() == Type.Kind.CLASS || type.kind() == Type.Kind.RECORD)
                && fields > 0
                && fields <= MOST_FIELDS
                && design.lineOf(type).size() == 1
                && design.realisationsOf(type).isEmpty();
    }

    private void noteCreations(String type) {
        for (Operation o : design.operations()) {
            for (Fact f : o.body()) {
                if (f instanceof Fact.Create c && c.type().equals(type)) {
                    made.put(c.span(), c.arguments());
                }
            }
        }
    }

    /** What an entry was made with. */
    synchronized List<Value> argumentsOf(Value.New entry) {
        return new ArrayList<>(made.getOrDefault(entry.span(), List.of()));
    }

    /** Whether a field belongs to an entry, or is the container inside a container of the program's own. */
    boolean isKept(Value.OfField field) {
        return design.field(field.field())
                .filter(f -> isEntry(f.owner()) || isKeeper(field))
                .isPresent();
    }

    /** Whether it is the container inside a container of the program's own: what is in the one is in the other. */
    boolean isKeeper(Value.OfField field) {
        boolean inside = design.field(field.field())
                .filter(f -> f.type().many() && !f.isStatic())
                .isPresent();
        return inside
                && field.on() instanceof Value.OfField outer
                && design.field(outer.field())
                        .filter(f -> f.type().many())
                        .filter(f ->
                                design.type(f.type().type()).filter(Type::isOwn).isPresent())
                        .isPresent();
    }
}
