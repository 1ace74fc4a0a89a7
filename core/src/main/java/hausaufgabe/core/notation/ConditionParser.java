package hausaufgabe.core.notation;

import hausaufgabe.core.notation.Pattern.Condition;
import hausaufgabe.core.notation.Pattern.Quantity;
import hausaufgabe.core.notation.Pattern.TypeSort;
import hausaufgabe.core.notation.Tokens.Kind;
import hausaufgabe.core.notation.Tokens.Token;
import java.util.ArrayList;
import java.util.List;

/** Reads conditions and the predicates in them. Verbs may stand in the plural after "at least" and "some". */
final class ConditionParser {

    private static final List<String> VERBS = List.of(
            "is",
            "realises",
            "picks",
            "asks",
            "works",
            "leads",
            "holds",
            "takes",
            "returns",
            "calls",
            "assigns",
            "does");

    private final Tokens tokens;
    private final Names names;

    ConditionParser(Tokens tokens, Names names) {
        this.tokens = tokens;
        this.names = names;
    }

    /** {@code [every | some | at least N] SUBJECT PREDICATE}. */
    Condition condition() {
        Quantity quantity = Quantity.EVERY;
        int count = 0;
        if (tokens.accept("some")) {
            quantity = Quantity.SOME;
        } else if (tokens.accept("at least")) {
            quantity = Quantity.AT_LEAST;
            Token t = tokens.expect(Kind.NUMBER, "how many, a number");
            if (t.text().contains(".")) {
                throw new NotationException(t.line(), t.column(), "a count is a whole number, not " + t.text());
            }
            count = Integer.parseInt(t.text());
        } else {
            tokens.accept("every");
        }
        names.expectSubject(tokens);
        String subject = tokens.next().text();
        return new Condition(quantity, count, subject, predicate());
    }

    /** One or more predicates joined by {@code and}. */
    Predicate predicates() {
        List<Predicate> parts = new ArrayList<>(List.of(predicate()));
        while (tokens.accept("and")) {
            parts.add(predicate());
        }
        return parts.size() == 1 ? parts.get(0) : new Predicate.All(List.copyOf(parts));
    }

    Predicate predicate() {
        if (tokens.accept("is") || tokens.accept("are")) {
            return being();
        }
        if (tokens.accept("realises") || tokens.accept("realise")) {
            return new Predicate.Realises(role());
        }
        if (tokens.accept("picks among")) {
            return new Predicate.PicksAmong(role());
        }
        if (tokens.accept("asks for the type of")) {
            return new Predicate.AsksTypeOf(role());
        }
        if (tokens.accept("works something out")) {
            return new Predicate.WorksSomethingOut();
        }
        if (tokens.accept("works by a tag beside")) {
            return new Predicate.WorksByTagBeside(names.expect(tokens, Names.Kind.OPERATION));
        }
        if (tokens.accept("leads to")) {
            return new Predicate.LeadsTo(role());
        }
        if (tokens.accept("holds one")) {
            return new Predicate.HoldsOne(role());
        }
        if (tokens.accept("holds many")) {
            return new Predicate.HoldsMany(role());
        }
        if (tokens.accept("takes or returns something")) {
            return new Predicate.HasParametersOrResult();
        }
        if (tokens.accept("returns something")) {
            return new Predicate.HasResult();
        }
        if (tokens.accept("does not assign")) {
            return new Predicate.Not(assigns());
        }
        if (tokens.accept("takes")) {
            return new Predicate.Takes(role());
        }
        if (tokens.accept("calls")) {
            return calls();
        }
        if (tokens.accept("assigns")) {
            return assigns();
        }
        throw tokens.unexpected("what holds of it, beginning with one of " + String.join(", ", VERBS), VERBS);
    }

    private Predicate assigns() {
        String field = names.expect(tokens, Names.Kind.FIELD);
        tokens.expect("from a parameter");
        return new Predicate.AssignsFromParameter(field);
    }

    private Predicate being() {
        if (tokens.accept("abstract")) {
            return new Predicate.IsAbstract();
        }
        if (tokens.accept("varied")) {
            return new Predicate.IsVaried();
        }
        if (tokens.accept("of type")) {
            return new Predicate.IsOfType(role());
        }
        if (tokens.accept("assigned from a parameter")) {
            return new Predicate.AssignedFromParameter();
        }
        if (tokens.accept("called in")) {
            return new Predicate.CalledIn(role());
        }
        if (tokens.accept("a") || tokens.accept("an")) {
            for (TypeSort sort : TypeSort.values()) {
                if (tokens.accept(sort.words())) {
                    return new Predicate.IsA(sort);
                }
            }
        }
        throw tokens.unexpected(
                "'a class', 'an abstraction', 'abstract', 'varied', 'of type', 'assigned from a parameter' or 'called in'",
                List.of("abstract", "varied", "assigned", "called", "class", "abstraction"));
    }

    private Predicate calls() {
        String operation = names.expect(tokens, Names.Kind.OPERATION);
        if (!tokens.accept("on")) {
            return new Predicate.Calls(operation, Predicate.Target.ANYTHING, null);
        }
        if (tokens.accept("a parameter")) {
            return new Predicate.Calls(operation, Predicate.Target.PARAMETER, null);
        }
        if (tokens.accept("something fetched")) {
            return new Predicate.Calls(operation, Predicate.Target.FETCHED, null);
        }
        boolean one = tokens.accept("one of");
        String field = names.expect(tokens, Names.Kind.FIELD);
        return new Predicate.Calls(operation, one ? Predicate.Target.ONE_OF_FIELD : Predicate.Target.FIELD, field);
    }

    private String role() {
        return names.expect(tokens, Names.Kind.ROLE);
    }
}
