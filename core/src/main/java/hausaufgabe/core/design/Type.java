package hausaufgabe.core.design;

import java.util.List;
import java.util.Optional;

/**
 * A type of the program, or one of its libraries' that the program uses as an abstraction of its own.
 *
 * @param id unique in a design; for what a program can load, its binary name
 * @param name as a person says it: simple, nested as {@code Outer.Inner}, {@code lambda} for what has no name
 * @param kind what sort of type it is
 * @param origin how it came to be
 * @param flags what was said of it
 * @param supertypes direct supertypes
 * @param enclosing id of the type it stands in, or null
 * @param constants names of its constants, for an enum; else empty
 * @param span where it is declared; null for a library's
 */
public record Type(
        String id,
        String name,
        Kind kind,
        Origin origin,
        Flags flags,
        List<TypeRef> supertypes,
        String enclosing,
        List<String> constants,
        Span span) {

    /** Sorts of types. A {@code FUNCTION_TYPE} is an interface with one abstract operation, of the program or a library. */
    public enum Kind {
        CLASS,
        ABSTRACT_CLASS,
        INTERFACE,
        FUNCTION_TYPE,
        ENUM,
        RECORD
    }

    /** Where a type comes from. A {@code CONSTANT} is the body of an enum's constant. */
    public enum Origin {
        DECLARED,
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

    /** Whether a person gave it a name. */
    public boolean isNamed() {
        return origin == Origin.DECLARED || origin == Origin.LIBRARY;
    }

    /** Within a design the id says which it is. */
    @Override
    public boolean equals(Object other) {
        return other instanceof Type o && id.equals(o.id);
    }

    @Override
    public int hashCode() {
        return id.hashCode();
    }
}
