package hausaufgabe.core.notation;

import hausaufgabe.core.notation.DesignPattern.Condition;
import hausaufgabe.core.notation.DesignPattern.Quantity;
import hausaufgabe.core.notation.DesignPattern.TypeSort;
import hausaufgabe.core.notation.Relation.Subject;
import hausaufgabe.core.notation.Tokens.Kind;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Reads conditions and the predicates in them. Verbs may stand in the plural. */
final class ConditionParser {

    private static final int MOST = 1_000;

    private final Tokens tokens;
    private final Names names;
    private final Vocabulary vocabulary;

    ConditionParser(Tokens tokens, Names names, Vocabulary vocabulary) {
        this.vocabulary = vocabulary;
        this.tokens = tokens;
        this.names = names;
    }

    /** {@code [every | some | no | exactly N | at least N | at most N] SUBJECT PREDICATE [, and nowhere else]}. */
    Condition condition() {
        Quantity quantity = Quantity.EVERY;
        int count = 0;
        for (Quantity q : Quantity.values()) {
            if (tokens.accept(q.words())) {
                quantity = q;
                count = q.counts() ? count() : 0;
                break;
            }
        }
        Names.Kind kind = names.expectSubject(tokens);
        String subject = tokens.next().text();
        Predicate predicate = predicates(Objects.requireNonNull(kind.subject(), "no subject"));
        boolean alone = tokens.accept(", and nowhere else");
        return new Condition(quantity, count, subject, predicate, alone);
    }

    private int count() {
        return tokens.count("a count", 0, MOST);
    }

    /** One or more predicates joined by {@code and}. */
    Predicate predicates(Subject of) {
        List<Predicate> parts = new ArrayList<>(List.of(predicate(of)));
        while (tokens.accept("and")) {
            parts.add(predicate(of));
        }
        return parts.size() == 1 ? parts.get(0) : new Predicate.All(List.copyOf(parts));
    }

    private Predicate predicate(Subject of) {
        int start = tokens.mark();
        if (of == Subject.TYPE) {
            Predicate sort = sort();
            if (sort != null) {
                return sort;
            }
        }
        ParseAttempt best = null;
        for (Vocabulary.Variant v : vocabulary.variants(tokens.peek().text())) {
            if (v.relation().isSaidOf(of) || (of == Subject.TYPE && v.relation().isSaidOf(Subject.OPERATION))) {
                ParseAttempt a = attempt(v.relation(), v.words(), v.negative());
                if (a.found != null) {
                    return a.found;
                }
                best = best == null || a.reached > best.reached ? a : best;
                tokens.reset(start);
            }
        }
        throw failure(of, start, best);
    }

    private @Nullable Predicate sort() {
        int start = tokens.mark();
        if (!tokens.accept("is") && !tokens.accept("are")) {
            return null;
        }
        boolean negative = tokens.accept("not");
        if (tokens.accept("a") || tokens.accept("an")) {
            for (TypeSort sort : TypeSort.values()) {
                if (tokens.accept(sort.words())) {
                    Predicate is = new Predicate.IsA(sort);
                    return negative ? new Predicate.Not(is) : is;
                }
            }
        }
        tokens.reset(start);
        return null;
    }

    /** @param reached how many tokens fitted before one did not */
    private record ParseAttempt(@Nullable Predicate found, int reached, String expected, List<String> known) {
        /** Whether a word of the relation is missing, not a name that fills it in. */
        boolean isWord() {
            return expected.startsWith("'");
        }
    }

    private ParseAttempt attempt(Relation relation, String words, boolean negative) {
        int start = tokens.mark();
        List<String> filled = new ArrayList<>();
        List<Tokens.Token> named = new ArrayList<>();
        for (String word : words.split(" ")) {
            int reached = tokens.mark() - start;
            if (!Relation.isSlot(word)) {
                if (!tokens.accept(word)) {
                    return new ParseAttempt(null, reached, "'" + word + "'", List.of(word));
                }
            } else if (word.equals("NUMBER")) {
                if (tokens.peek().kind() != Kind.NUMBER) {
                    return new ParseAttempt(null, reached, "a number", List.of());
                }
                filled.add(String.valueOf(count()));
            } else {
                Names.Kind kind = Names.Kind.valueOf(word);
                if (!names.is(tokens.peek(), kind)) {
                    String expected = "the name of " + kind.words() + " declared above";
                    return new ParseAttempt(null, reached, expected, names.of(kind));
                }
                named.add(tokens.peek());
                filled.add(tokens.next().text());
            }
        }
        named.forEach(names::mentioned);
        Predicate says = new Predicate.Says(relation, List.copyOf(filled));
        return new ParseAttempt(negative ? new Predicate.Not(says) : says, tokens.mark() - start, "", List.of());
    }

    private NotationException failure(Subject of, int start, @Nullable ParseAttempt best) {
        if (best == null || best.reached == 0) {
            Set<String> verbs = new LinkedHashSet<>();
            for (Relation r : vocabulary.relations()) {
                if (r.isSaidOf(of) || (of == Subject.TYPE && r.isSaidOf(Subject.OPERATION))) {
                    verbs.add(r.words().split(" ")[0]);
                }
            }
            return Tokens.unexpected(
                    tokens.peek(),
                    "what holds of it, beginning with one of " + String.join(", ", verbs),
                    List.copyOf(verbs),
                    sayable(of));
        }
        tokens.reset(start + best.reached);
        Set<String> known = new LinkedHashSet<>();
        Set<String> choices = new LinkedHashSet<>();
        Set<String> expected = new LinkedHashSet<>();
        for (Vocabulary.Variant v : vocabulary.variants()) {
            tokens.reset(start);
            ParseAttempt a = attempt(v.relation(), v.words(), v.negative());
            if (a.reached == best.reached && v.relation().isSaidOf(of)) {
                expected.add(a.expected);
                known.addAll(a.known);
                choices.addAll(a.isWord() ? List.of(rest(v.words(), a.reached)) : a.known);
            }
        }
        if (best.reached == 1 && of == Subject.TYPE) {
            tokens.reset(start + 1);
            boolean article = tokens.accept("a") || tokens.accept("an");
            if (article) {
                String sorts = "a sort of type: " + String.join(", ", TypeSort.all());
                return tokens.unexpected(sorts + ", or " + String.join(" or ", expected), TypeSort.all());
            }
        }
        tokens.reset(start + best.reached);
        String shown = expected.isEmpty() ? best.expected : String.join(" or ", expected);
        return expected.isEmpty()
                ? tokens.unexpected(shown, best.known)
                : Tokens.unexpected(tokens.peek(), shown, List.copyOf(known), List.copyOf(choices));
    }

    /** Everything that can be said of such a subject, in full. */
    private List<String> sayable(Subject of) {
        List<String> all = new ArrayList<>();
        for (Relation r : vocabulary.relations()) {
            if (r.isSaidOf(of) || (of == Subject.TYPE && r.isSaidOf(Subject.OPERATION))) {
                all.add(r.words());
            }
        }
        if (of == Subject.TYPE) {
            for (TypeSort sort : TypeSort.values()) {
                all.add("is " + sort.oneOfIt());
            }
        }
        return all;
    }

    private static String rest(String words, int read) {
        String[] all = words.split(" ");
        return String.join(" ", List.of(all).subList(Math.min(read, all.length - 1), all.length));
    }
}
