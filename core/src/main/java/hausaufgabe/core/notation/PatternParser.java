package hausaufgabe.core.notation;

import hausaufgabe.core.notation.Pattern.Condition;
import hausaufgabe.core.notation.Pattern.Form;
import hausaufgabe.core.notation.Pattern.Member;
import hausaufgabe.core.notation.Pattern.Requirement;
import hausaufgabe.core.notation.Pattern.Role;
import hausaufgabe.core.notation.Pattern.Sign;
import hausaufgabe.core.notation.Pattern.TypeSort;
import hausaufgabe.core.notation.Tokens.Kind;
import hausaufgabe.core.notation.Tokens.Token;
import java.util.ArrayList;
import java.util.List;

/** Reads a pattern from its text, by recursive descent. The grammar is written down in {@code docs/notation.md}. */
public final class PatternParser {

    private static final List<String> OPENERS =
            List.of("role", "member", "sign", "require", "forbid", "form", "scenario");

    private final Tokens tokens;
    private final Names names = new Names();
    private final ConditionParser conditions;

    private PatternParser(String text) {
        this.tokens = new Tokens(text);
        this.conditions = new ConditionParser(tokens, names);
    }

    /**
     * @param text a whole file
     * @throws NotationException where the text is not a pattern
     */
    public static Pattern parse(String text) {
        return new PatternParser(text).pattern();
    }

    private Pattern pattern() {
        tokens.skipLineEnds();
        tokens.expect("pattern");
        String id = tokens.expect(Kind.WORD, "the pattern's id, a word such as strategy")
                .text();
        String title = tokens.expect(Kind.TEXT, "the pattern's name in quotes").text();
        tokens.expectLineEnd();
        String intent = tokens.expect(Kind.TEXT, "one sentence in quotes that says what the pattern is for")
                .text();
        tokens.expectLineEnd();

        List<Role> roles = new ArrayList<>();
        List<Member> members = new ArrayList<>();
        List<Sign> signs = new ArrayList<>();
        List<Requirement> requirements = new ArrayList<>();
        List<Form> forms = new ArrayList<>();
        List<Scenario> scenarios = new ArrayList<>();
        while (tokens.peek().kind() != Kind.END) {
            Token opener = tokens.peek();
            if (tokens.accept("role")) {
                roles.add(role());
            } else if (tokens.accept("member")) {
                members.add(member());
            } else if (tokens.accept("sign")) {
                signs.add(sign());
            } else if (tokens.accept("require")) {
                requirements.add(requirement(false, List.of()));
            } else if (tokens.accept("forbid")) {
                requirements.add(requirement(true, List.of()));
            } else if (tokens.accept("form")) {
                forms.add(form(requirements, opener));
            } else if (tokens.accept("scenario")) {
                scenarios.add(new ScenarioParser(tokens, names, conditions).scenario());
            } else {
                throw tokens.unexpected("one of " + String.join(", ", OPENERS), OPENERS);
            }
        }
        if (roles.isEmpty()) {
            throw tokens.unexpected("at least one role", List.of());
        }
        if (forms.isEmpty()) {
            forms.add(new Form(title, List.of(), List.of()));
        }
        return new Pattern(id, title, intent, roles, members, signs, requirements, forms, scenarios);
    }

    private Role role() {
        Token name = tokens.expect(Kind.WORD, "the role's name");
        names.declare(name, Names.Kind.ROLE);
        boolean optional = tokens.accept("optional");
        TypeSort sort;
        Predicate derived = null;
        if (tokens.accept("every")) {
            sort = typeSort();
            tokens.expect("that");
            derived = conditions.predicates();
        } else {
            if (!tokens.accept("a") && !tokens.accept("an")) {
                throw tokens.unexpected("'a', 'an', 'every' or 'optional'", List.of("optional", "every"));
            }
            sort = typeSort();
        }
        // what the role is for may stand on the same line or the next
        tokens.skipLineEnds();
        String doc = "";
        if (tokens.peek().kind() == Kind.TEXT) {
            doc = tokens.next().text();
            tokens.expectLineEnd();
        }
        return new Role(name.text(), optional, sort, derived, doc);
    }

    private TypeSort typeSort() {
        for (TypeSort sort : TypeSort.values()) {
            if (tokens.accept(sort.words())) {
                return sort;
            }
        }
        throw tokens.unexpected("class, abstraction, concrete type or type", List.of("class", "abstraction", "type"));
    }

    private Member member() {
        Token name = tokens.expect(Kind.WORD, "the member's name");
        boolean optional = tokens.accept("optional");
        boolean unlisted = tokens.accept("unlisted");
        boolean many = tokens.accept("every");
        boolean isField = tokens.accept("field");
        if (!isField) {
            tokens.expect("operation");
        }
        names.declare(name, isField ? Names.Kind.FIELD : Names.Kind.OPERATION);
        tokens.expect("of");
        String owner = names.expect(tokens, Names.Kind.ROLE);
        List<Predicate> that = new ArrayList<>();
        if (tokens.accept("that")) {
            that.add(conditions.predicates());
            while (orElse()) {
                tokens.expect("that");
                that.add(conditions.predicates());
            }
        }
        tokens.expectLineEnd();
        return new Member(name.text(), isField, owner, many, optional, !unlisted, List.copyOf(that));
    }

    /** An "or else" may stand on a line of its own. */
    private boolean orElse() {
        if (tokens.accept("or else")) {
            return true;
        }
        if (tokens.accept(",")) {
            tokens.skipLineEnds();
            tokens.expect("or else");
            return true;
        }
        return false;
    }

    private Sign sign() {
        double weight = number("the sign's weight");
        Condition condition = conditions.condition();
        tokens.expectLineEnd();
        return new Sign(weight, condition);
    }

    private double number(String what) {
        Token t = tokens.expect(Kind.NUMBER, what + ", a number");
        try {
            return Double.parseDouble(t.text());
        } catch (NumberFormatException e) {
            throw new NotationException(t.line(), t.column(), "'" + t.text() + "' is not a number");
        }
    }

    /** @param replaced ids that may be used again, since this one stands in their place */
    private Requirement requirement(boolean forbidden, List<String> replaced) {
        Token id = tokens.expect(Kind.WORD, "the requirement's id, a word");
        if (!replaced.contains(id.text())) {
            names.declare(id, Names.Kind.REQUIREMENT);
        }
        boolean essential = tokens.accept("essential");
        double points = number("the points it is worth");
        Token text = tokens.expect(Kind.TEXT, "a sentence in quotes that says what is asked");
        names.checkBraces(text);
        tokens.expectLineEnd();
        List<Condition> asked = new ArrayList<>();
        while (!atOpener()) {
            asked.add(conditions.condition());
            tokens.expectLineEnd();
        }
        if (asked.isEmpty()) {
            throw tokens.unexpected("a condition for '" + id.text() + "' on a line of its own", List.of());
        }
        return new Requirement(id.text(), forbidden, essential, points, text.text(), List.copyOf(asked));
    }

    private boolean atOpener() {
        Token t = tokens.peek();
        return t.kind() == Kind.END || (t.kind() == Kind.WORD && OPENERS.contains(t.text()));
    }

    private Form form(List<Requirement> known, Token opener) {
        Token name = tokens.expect(Kind.TEXT, "the form's name in quotes");
        names.declare(name, Names.Kind.FORM);
        List<String> insteadOf = new ArrayList<>();
        if (tokens.accept("instead of")) {
            List<String> ids = known.stream().map(Requirement::id).toList();
            do {
                Token id = tokens.expect(Kind.WORD, "a requirement's id");
                if (!ids.contains(id.text())) {
                    throw Tokens.unexpected(id, "the id of a requirement that stands above", ids);
                }
                insteadOf.add(id.text());
            } while (tokens.accept(","));
        }
        tokens.expectLineEnd();
        List<Requirement> own = new ArrayList<>();
        while (!insteadOf.isEmpty()) {
            if (tokens.accept("require")) {
                own.add(requirement(false, insteadOf));
            } else if (tokens.accept("forbid")) {
                own.add(requirement(true, insteadOf));
            } else {
                break;
            }
        }
        if (insteadOf.isEmpty() && known.isEmpty()) {
            throw new NotationException(
                    opener.line(), opener.column(), "a form needs requirements: write them above it");
        }
        return new Form(name.text(), List.copyOf(insteadOf), List.copyOf(own));
    }
}
