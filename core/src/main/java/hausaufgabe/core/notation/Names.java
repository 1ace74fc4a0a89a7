package hausaufgabe.core.notation;

import hausaufgabe.core.notation.PatternOutline.Mention;
import hausaufgabe.core.notation.Tokens.Token;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
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
    private final Map<String, String> taken = new LinkedHashMap<>();
    private final Set<Mention> mentions = new LinkedHashSet<>();

    /** @param above what stands above in the same text; its names cannot be given again */
    Names(List<DesignPattern> above) {
        for (DesignPattern p : above) {
            p.roles().forEach(r -> taken.put(key(r.name(), Kind.ROLE), "a role of " + p.title()));
            p.members().forEach(m -> taken.put(key(m.name(), Kind.FIELD), "a member of " + p.title()));
            p.requirements().forEach(r -> taken.put(key(r.id(), Kind.REQUIREMENT), "a requirement of " + p.title()));
            p.forms().stream()
                    .flatMap(form -> form.requirements().stream())
                    .forEach(r -> taken.put(key(r.id(), Kind.REQUIREMENT), "a requirement of " + p.title()));
            p.remarks().forEach(r -> taken.put(key(r.id(), Kind.REQUIREMENT), "a remark of " + p.title()));
        }
    }

    /** Every place where a role, a member or a requirement is named. */
    List<Mention> mentions() {
        return List.copyOf(mentions);
    }

    /** Keeps that a name stands here. */
    void mentioned(Token name) {
        mentioned(name, known.getOrDefault(name.text(), Kind.ROLE));
    }

    private void mentioned(Token name, Kind kind) {
        mentions.add(new Mention(name.text(), sort(kind), name.line(), name.column()));
    }

    private static Mention.Sort sort(Kind kind) {
        return kind == Kind.REQUIREMENT ? Mention.Sort.REQUIREMENT : Mention.Sort.ROLE_OR_MEMBER;
    }

    /** The id of a requirement that stands here. */
    void mentionedRequirement(Token id) {
        mentioned(id, Kind.REQUIREMENT);
    }

    void declare(Token name, Kind kind) {
        String above = taken.get(key(name.text(), kind));
        if (above != null) {
            throw new NotationException(
                    name.line(),
                    name.column(),
                    "'" + name.text() + "' already names " + above + "; give it another name here");
        }
        if (kind != Kind.FORM) {
            mentioned(name, kind);
        }
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
        mentioned(t, kind);
        return tokens.next().text();
    }

    /** The kind of the role or member that stands next. */
    Kind expectSubject(Tokens tokens) {
        Kind kind = known.get(tokens.peek().text());
        if (kind == null || kind == Kind.REQUIREMENT || kind == Kind.FORM) {
            // what was meant to begin something else reads as a condition when it is misspelt
            List<String> known = new ArrayList<>(subjects());
            known.addAll(PatternParser.OPENERS);
            throw Tokens.unexpected(tokens.peek(), "the name of a role or member declared above", known, subjects());
        }
        mentioned(tokens.peek(), kind);
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
