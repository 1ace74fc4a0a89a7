package hausaufgabe.core.design;

import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A method, constructor or initialiser, with what its body does. An entity: within a design its id says which it is.
 */
public final class Operation {

    private final String id;
    private final String owner;
    private final String name;
    private final Role role;
    private final Set<Trait> traits;
    private final Visibility visibility;
    private final List<Parameter> parameters;
    private final @Nullable TypeRef result;
    private final List<String> overrides;
    private final List<Statement> statements;
    private final List<Span> guards;
    private final List<Fact> body;
    private final @Nullable Span span;

    public Operation(
            String id,
            String owner,
            String name,
            Role role,
            Set<Trait> traits,
            Visibility visibility,
            List<Parameter> parameters,
            @Nullable TypeRef result,
            List<String> overrides,
            List<Statement> statements,
            List<Span> guards,
            List<Fact> body,
            @Nullable Span span) {
        this.id = id;
        this.owner = owner;
        this.name = name;
        this.role = role;
        this.traits = traits.isEmpty() ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(traits));
        this.visibility = visibility;
        this.parameters = List.copyOf(parameters);
        this.result = result;
        this.overrides = List.copyOf(overrides);
        this.statements = List.copyOf(statements);
        this.guards = List.copyOf(guards);
        this.body = List.copyOf(body);
        this.span = span;
    }

    /** Unique in a design. */
    public String id() {
        return id;
    }

    /** Id of the type that declares it. */
    public String owner() {
        return owner;
    }

    /** Its simple name; for a constructor the type's. */
    public String name() {
        return name;
    }

    /** What sort of operation it is. */
    public Role role() {
        return role;
    }

    /** What was said of it. */
    public Set<Trait> traits() {
        return traits;
    }

    public Visibility visibility() {
        return visibility;
    }

    public List<Parameter> parameters() {
        return parameters;
    }

    /** Its result type; null for a constructor, an initialiser or no result. */
    public @Nullable TypeRef result() {
        return result;
    }

    /** Ids of the operations it overrides or implements, near and far. */
    public List<String> overrides() {
        return overrides;
    }

    /** Its statements in the order of the text, blocks opened up. */
    public List<Statement> statements() {
        return statements;
    }

    /** Stretches of its text that let in one thread at a time. */
    public List<Span> guards() {
        return guards;
    }

    /** Facts in the order of the text; empty when there is no body. */
    public List<Fact> body() {
        return body;
    }

    /** Its declaration; null for a library's. */
    public @Nullable Span span() {
        return span;
    }

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

    /** Its result type, for those of which it is known that they have one. */
    public TypeRef knownResult() {
        return Objects.requireNonNull(result, "gives nothing back");
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

    @Override
    public boolean equals(Object other) {
        return other instanceof Operation o && id.equals(o.id);
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
