package hausaufgabe.core.design;

/**
 * A field, or a constant of an enum.
 *
 * @param id unique in a design: {@code owner#name}
 * @param owner id of the type that declares it
 * @param isConstant whether it is a constant of the enum that declares it
 * @param span its declaration
 */
public record Field(
        String id,
        String owner,
        String name,
        TypeRef type,
        boolean isStatic,
        boolean isFinal,
        boolean isConstant,
        Visibility visibility,
        Span span) {

    /** Within a design the id says which it is. */
    @Override
    public boolean equals(Object other) {
        return other instanceof Field o && id.equals(o.id);
    }

    @Override
    public int hashCode() {
        return id.hashCode();
    }
}
