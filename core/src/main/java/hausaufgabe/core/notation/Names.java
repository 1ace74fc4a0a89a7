package hausaufgabe.core.notation;

import hausaufgabe.core.notation.Tokens.Token;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** What a pattern has named so far. A name is known from the line after its own. */
final class Names {

    enum Kind {
        ROLE("a role"),
        OPERATION("an operation"),
        FIELD("a field"),
        REQUIREMENT("a requirement"),
        FORM("a form");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }

        /** What can be said of it; null for what nothing is said of. */
        Relation.@Nullable Subject subject() {
            return switch (this) {
                case ROLE -> Relation.Subject.TYPE;
                case OPERATION -> Relation.Subject.OPERATION;
                case FIELD -> Relation.Subject.FIELD;
                default -> null;
            };
        }
    }

    private static final Pattern BRACES = Pattern.compile("\\{([^}]*)}");

    private final Map<String, Kind> known = new LinkedHashMap<>();

    void declare(Token name, Kind kind) {
        // forms and requirements have names of their own, which take none away from roles and members
        Kind before = known.putIfAbsent(key(name.text(), kind), kind);
        if (before != null) {
            throw new NotationException(
                    name.line(), name.column(), "'" + name.text() + "' already names " + before.words());
        }
    }

    private static String key(String name, Kind kind) {
        return switch (kind) {
            case FORM -> '"' + name;
            case REQUIREMENT -> '#' + name;
            default -> name;
        };
    }

    boolean is(Token token, Kind kind) {
        return token.kind() == Tokens.Kind.WORD && known.get(token.text()) == kind;
    }

    String expect(Tokens tokens, Kind kind) {
        Token t = tokens.peek();
        if (known.get(t.text()) != kind) {
            throw tokens.unexpected("the name of " + kind.words() + " declared above", of(kind));
        }
        return tokens.next().text();
    }

    /** The kind of the role or member that stands next. */
    Kind expectSubject(Tokens tokens) {
        Kind kind = known.get(tokens.peek().text());
        if (kind == null || kind == Kind.REQUIREMENT || kind == Kind.FORM) {
            throw tokens.unexpected("the name of a role or member declared above", subjects());
        }
        return kind;
    }

    /** Everything that something can be said of, in the order of the text. */
    List<String> subjects() {
        return known.entrySet().stream()
                .filter(e -> e.getValue() != Kind.REQUIREMENT && e.getValue() != Kind.FORM)
                .map(Map.Entry::getKey)
                .toList();
    }

    void checkBraces(Token text) {
        Matcher m = BRACES.matcher(text.text());
        while (m.find()) {
            Kind kind = known.get(m.group(1));
            if (kind == null || kind == Kind.REQUIREMENT || kind == Kind.FORM) {
                throw new NotationException(
                        text.line(),
                        text.column() + 1 + m.start(),
                        "{" + m.group(1) + "} names no role or member declared above"
                                + Spelling.nearest(m.group(1), List.copyOf(known.keySet()))
                                        .map(w -> ". Did you mean {" + w + "}?")
                                        .orElse(""));
            }
        }
    }

    List<String> of(Kind kind) {
        return known.entrySet().stream()
                .filter(e -> e.getValue() == kind)
                .map(e -> kind == Kind.FORM || kind == Kind.REQUIREMENT
                        ? e.getKey().substring(1)
                        : e.getKey())
                .toList();
    }
}
