package hausaufgabe.core.design;

import java.util.List;
import java.util.Set;

/**
 * A method, constructor or initialiser, with what its body does.
 *
 * @param id unique in a design
 * @param owner id of the type that declares it
 * @param name its simple name; for a constructor the type's
 * @param role what sort of operation it is
 * @param traits what was said of it
 * @param result its result type; null for a constructor, an initialiser or no result
 * @param overrides ids of the operations it overrides or implements, near and far
 * @param statements its statements in the order of the text, blocks opened up
 * @param guards stretches of its text that let in one thread at a time
 * @param body facts in the order of the text; empty when there is no body
 * @param span its declaration; null for a library's
 */
public record Operation(
        String id,
        String owner,
        String name,
        Role role,
        Set<Trait> traits,
        Visibility visibility,
        List<Parameter> parameters,
        TypeRef result,
        List<String> overrides,
        List<Statement> statements,
        List<Span> guards,
        List<Fact> body,
        Span span) {

    /** Sorts of operations. {@code ENTRY} is where a program starts. */
    public enum Role {
        METHOD,
        CONSTRUCTOR,
        INITIALISER,
        ENTRY
    }

    /** What a declaration says of its operation. */
    public enum Trait {
        STATIC,
        ABSTRACT,
        FINAL,
        DEFAULT,
        /** Lets in one thread at a time. */
        SYNCHRONISED,
        /** One that every object has, such as its text or its equality. */
        UNIVERSAL,
        /** Written by nobody: a default constructor, a record's accessor. */
        IMPLICIT
    }

    /**
     * A statement as written, less its comments and spacing; of a loop or branch only its head.
     *
     * @param weight how many it counts when copies are looked for: a closing or leaving one alone counts nothing
     */
    public record Statement(String text, int weight, Span span) {}

    /** A parameter; {@code name} may be a made-up one for a library's operation. */
    public record Parameter(String name, TypeRef type) {}

    /**
     * Tokens of the parameter types as the reader made them, which a driver understands: what stands between the
     * parentheses of the id; a question mark for each where the reader left them out.
     */
    public List<String> parameterTokens() {
        int open = id.lastIndexOf('(');
        if (open < 0) {
            return parameters.stream().map(p -> "?").toList();
        }
        String inside = id.substring(open + 1, id.length() - 1);
        return inside.isEmpty() ? List.of() : List.of(inside.split(","));
    }

    public boolean isStatic() {
        return traits.contains(Trait.STATIC);
    }

    public boolean isAbstract() {
        return traits.contains(Trait.ABSTRACT);
    }

    /** Whether it is one that every object has. */
    public boolean isUniversal() {
        return traits.contains(Trait.UNIVERSAL);
    }

    public boolean isMethod() {
        return role == Role.METHOD;
    }

    public boolean isConstructor() {
        return role == Role.CONSTRUCTOR;
    }

    /** Within a design the id says which it is. */
    @Override
    public boolean equals(Object other) {
        return other instanceof Operation o && id.equals(o.id);
    }

    @Override
    public int hashCode() {
        return id.hashCode();
    }
}
