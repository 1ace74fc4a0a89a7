package hausaufgabe.core.design;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A type of the program, or one of its libraries' that the program uses as an abstraction of its own. An
 * entity: within a design its id says which it is.
 */
public final class Type {

    private final String id;
    private final String name;
    private final Kind kind;
    private final Origin origin;
    private final Flags flags;
    private final List<TypeRef> supertypes;
    private final @Nullable String enclosing;
    private final List<String> constants;
    private final @Nullable Span span;

    public Type(
            String id,
            String name,
            Kind kind,
            Origin origin,
            Flags flags,
            List<TypeRef> supertypes,
            @Nullable String enclosing,
            List<String> constants,
            @Nullable Span span) {
        this.id = id;
        this.name = name;
        this.kind = kind;
        this.origin = origin;
        this.flags = flags;
        this.supertypes = List.copyOf(supertypes);
        this.enclosing = enclosing;
        this.constants = List.copyOf(constants);
        this.span = span;
    }

    /** Unique in a design; for what a program can load, its binary name. */
    public String id() {
        return id;
    }

    /** As a person says it: simple, nested as {@code Outer.Inner}, {@code lambda} for what has no name. */
    public String name() {
        return name;
    }

    /** What sort of type it is. */
    public Kind kind() {
        return kind;
    }

    /** How it came to be. */
    public Origin origin() {
        return origin;
    }

    /** What was said of it. */
    public Flags flags() {
        return flags;
    }

    /** Direct supertypes. */
    public List<TypeRef> supertypes() {
        return supertypes;
    }

    /** Id of the type it stands in, or null. */
    public @Nullable String enclosing() {
        return enclosing;
    }

    /** Names of its constants, for an enum; else empty. */
    public List<String> constants() {
        return constants;
    }

    /** Where it is declared; null for a library's. */
    public @Nullable Span span() {
        return span;
    }

    /** Sorts of types. A {@code FUNCTION_TYPE} is an interface with one abstract operation, of the program or a library. */
    public enum Kind {
        CLASS,
        ABSTRACT_CLASS,
        INTERFACE,
        FUNCTION_TYPE,
        ENUM,
        RECORD
    }

    /**
     * Where a type comes from. A {@code CONSTANT} is the body of an enum's constant; {@code IMPLIED} is an abstraction that
     * nobody wrote down, which types realise by standing in the same place and being asked the same.
     */
    public enum Origin {
        DECLARED,
        IMPLIED,
        ANONYMOUS,
        LAMBDA,
        CONSTANT,
        LIBRARY
    }

    /**
     * @param isFinal nothing can extend it
     * @param isSealed only named types can extend it
     * @param isInner an object of it needs one of the enclosing type
     * @param visibility who can see it
     */
    public record Flags(boolean isFinal, boolean isSealed, boolean isInner, Visibility visibility) {}

    public Optional<String> enclosingType() {
        return Optional.ofNullable(enclosing);
    }

    /** Whether the program itself declares it, with a name or without. */
    public boolean isOwn() {
        return origin != Origin.LIBRARY;
    }

    public boolean isInterface() {
        return kind == Kind.INTERFACE || kind == Kind.FUNCTION_TYPE;
    }

    /** Whether it has a name that a person gave it, or one that tells it as well. */
    public boolean isNamed() {
        return origin == Origin.DECLARED || origin == Origin.LIBRARY || origin == Origin.IMPLIED;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Type o && id.equals(o.id);
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
