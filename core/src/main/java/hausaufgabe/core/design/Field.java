package hausaufgabe.core.design;

/**
 * A field, or a constant of an enum. An entity: within a design its id says which it is.
 */
public final class Field {

    private final String id;
    private final String owner;
    private final String name;
    private final TypeRef type;
    private final boolean isStatic;
    private final boolean isFinal;
    private final boolean isConstant;
    private final Visibility visibility;
    private final Span span;

    public Field(
            String id,
            String owner,
            String name,
            TypeRef type,
            boolean isStatic,
            boolean isFinal,
            boolean isConstant,
            Visibility visibility,
            Span span) {
        this.id = id;
        this.owner = owner;
        this.name = name;
        this.type = type;
        this.isStatic = isStatic;
        this.isFinal = isFinal;
        this.isConstant = isConstant;
        this.visibility = visibility;
        this.span = span;
    }

    /** Unique in a design: {@code owner#name}. */
    public String id() {
        return id;
    }

    /** Id of the type that declares it. */
    public String owner() {
        return owner;
    }

    public String name() {
        return name;
    }

    public TypeRef type() {
        return type;
    }

    public boolean isStatic() {
        return isStatic;
    }

    public boolean isFinal() {
        return isFinal;
    }

    /** Whether it is a constant of the enum that declares it. */
    public boolean isConstant() {
        return isConstant;
    }

    public Visibility visibility() {
        return visibility;
    }

    /** Its declaration. */
    public Span span() {
        return span;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Field o && id.equals(o.id);
    }

    @Override
    public int hashCode() {
        return id.hashCode();
    }

    @Override
    public String toString() {
        return id;
    }
}
