package hausaufgabe.core.design;

import java.util.List;

/**
 * A mention of a type, as a field's type, a parameter's, a result's.
 *
 * @param type id of the type mentioned (see {@link Type#id()}), or {@link #UNKNOWN} where the reader could not resolve it
 * @param text as a person would write it
 * @param contents for containers (arrays, collections, maps, optionals): what they contain, keys left out; else empty
 * @param many whether it may hold more than one of its contents
 * @param arguments all type arguments in order, an array's component type included; empty when there are none
 */
public record TypeRef(String type, String text, List<TypeRef> contents, boolean many, List<TypeRef> arguments) {

    /** The id of a type the reader could not resolve. */
    public static final String UNKNOWN = "?";

    /** The mention of a type that is no container. */
    public static TypeRef of(String type, String text) {
        return new TypeRef(type, text, List.of(), false, List.of());
    }

    public boolean isUnknown() {
        return type.equals(UNKNOWN);
    }

    public boolean isContainer() {
        return !contents.isEmpty();
    }

    /** The types a value of this type leads to: itself, or what it contains, at any depth. */
    public List<TypeRef> leaves() {
        return contents.isEmpty()
                ? List.of(this)
                : contents.stream().flatMap(c -> c.leaves().stream()).toList();
    }
}
