package hausaufgabe.core.notation;

import hausaufgabe.core.notation.DesignPattern.Condition;
import hausaufgabe.core.notation.DesignPattern.Form;
import hausaufgabe.core.notation.DesignPattern.Member;
import hausaufgabe.core.notation.DesignPattern.Pitfall;
import hausaufgabe.core.notation.DesignPattern.Requirement;
import hausaufgabe.core.notation.DesignPattern.Role;
import hausaufgabe.core.notation.DesignPattern.SameRole;
import hausaufgabe.core.notation.DesignPattern.Sign;
import hausaufgabe.core.notation.DesignPattern.TypeSort;
import hausaufgabe.core.notation.Tokens.Kind;
import hausaufgabe.core.notation.Tokens.Token;
import java.util.ArrayList;
import java.util.List;

/** Reads a pattern from its text, by recursive descent. The grammar is written down in {@code docs/notation.md}. */
public final class PatternParser {
    /** Characters that a text may have at most; the longest pattern of the catalogue has a twentieth of it. */
    static final int LONGEST = 200_000;
    /** Roles, members or forms that a pattern may have. */
    private static final int MOST_OF_A_KIND = 100;

    static final List<String> OPENERS = List.of(
            "role",
            "member",
            "same",
            "sign",
            "require",
            "forbid",
            "remark",
            "form",
            "pitfall",
            "scenario",
            "run",
            "tests",
            "values",
            "limit");

    private final Tokens tokens;
    private final List<DesignPattern> above;
    private final Names names;
    private final ConditionParser conditions;
    private final Anchors anchors = new Anchors();
    private final List<String> order = new ArrayList<>();

    private PatternParser(String text, List<DesignPattern> above, Vocabulary vocabulary) {
        this.tokens = new Tokens(text);
        this.above = above;
        this.names = new Names(above);
        this.conditions = new ConditionParser(tokens, names, vocabulary);
    }

    /**
     * @param text a whole file that holds one pattern
     * @param vocabulary what it may say
     * @throws NotationException where the text is not a pattern, or one that contradicts itself
     */
    public static DesignPattern parse(String text, Vocabulary vocabulary) {
        return parse(text, List.of(), vocabulary);
    }

    /** @param above patterns that stand above it in the same text */
    static DesignPattern parse(String text, List<DesignPattern> above, Vocabulary vocabulary) {
        notTooLong(text);
        return new PatternParser(bare(text), above, vocabulary).pattern();
    }

    /**
     * The pattern together with the places of its text.
     *
     * @param above patterns that stand above it in the same text
     * @throws NotationException as {@link #parse}
     */
    static PatternOutline outline(String text, List<DesignPattern> above, Vocabulary vocabulary) {
        notTooLong(text);
        PatternParser parser = new PatternParser(bare(text), above, vocabulary);
        DesignPattern pattern = parser.pattern();
        return new PatternOutline(pattern, parser.anchors.blocks(), parser.anchors.lines(), parser.names.mentions());
    }

    static void notTooLong(String text) {
        if (text.length() > LONGEST) {
            throw new NotationException(
                    1, 1, "the text has " + text.length() + " characters; a pattern has at most " + LONGEST);
        }
    }

    private static String bare(String text) {
        return text.startsWith("\uFEFF") ? text.substring(1) : text;
    }

    private DesignPattern pattern() {
        tokens.skipLineEnds();
        tokens.expect("pattern");
        String id = tokens.expect(Kind.WORD, "the pattern's id, a word such as strategy")
                .text();
        String title = tokens.expect(Kind.TEXT, "the pattern's name in quotes").text();
        endOfLine("pattern");
        String intent = tokens.expect(Kind.TEXT, "one sentence in quotes that says what the pattern is for")
                .text();
        endOfLine("intent");

        List<Role> roles = new ArrayList<>();
        List<Member> members = new ArrayList<>();
        List<SameRole> same = new ArrayList<>();
        List<Sign> signs = new ArrayList<>();
        List<Requirement> requirements = new ArrayList<>();
        List<Requirement> remarks = new ArrayList<>();
        List<Form> forms = new ArrayList<>();
        List<Pitfall> pitfalls = new ArrayList<>();
        List<Scenario> scenarios = new ArrayList<>();
        List<Run> runs = new ArrayList<>();
        List<ValidValues> values = new ArrayList<>();
        double testPoints = 0;
        RunLimits limits = RunLimits.USUAL;
        while (tokens.peek().kind() != Kind.END) {
            Token opener = tokens.peek();
            if (tokens.accept("role")) {
                roles.add(role());
                block(opener, "role " + roles.get(roles.size() - 1).name());
            } else if (tokens.accept("member")) {
                members.add(member());
                block(opener, "member " + members.get(members.size() - 1).name());
            } else if (tokens.accept("same")) {
                same.add(same(roles, same));
                endOfLine("same " + (same.size() - 1));
                block(opener, "same " + (same.size() - 1));
            } else if (tokens.accept("sign")) {
                signs.add(sign(signs.size()));
                block(opener, "sign " + (signs.size() - 1));
            } else if (tokens.accept("require")) {
                requirements.add(requirement("", opener, List.of()));
            } else if (tokens.accept("forbid")) {
                requirements.add(requirement("", opener, List.of()));
            } else if (tokens.accept("remark")) {
                remarks.add(requirement("", opener, List.of()));
            } else if (tokens.accept("form")) {
                forms.add(form(requirements, opener));
            } else if (tokens.accept("pitfall")) {
                pitfalls.add(pitfall(pitfalls.size(), requirements, forms));
                block(opener, "pitfall " + (pitfalls.size() - 1));
            } else if (tokens.accept("scenario")) {
                scenarios.add(new ScenarioParser(tokens, names, conditions, anchors).scenario());
                block(opener, "scenario " + scenarios.get(scenarios.size() - 1).name());
            } else if (tokens.accept("run")) {
                runs.add(new RunParser(tokens, anchors).run());
                block(opener, "run " + runs.get(runs.size() - 1).name());
            } else if (tokens.accept("tests")) {
                testPoints = tokens.amount("what all tests are worth");
                endOfLine("tests");
                block(opener, "tests");
            } else if (tokens.accept("values")) {
                values.add(new ValuesParser(tokens, names).line());
                endOfLine("values " + values.size());
                block(opener, "values " + values.size());
            } else if (tokens.accept("limit")) {
                limits = RunParser.limit(tokens, limits);
                endOfLine("limit");
                block(opener, "limit");
            } else {
                throw tokens.unexpected("one of " + String.join(", ", OPENERS), OPENERS);
            }
        }
        tokens.next();
        remember("end");
        if (roles.isEmpty() && runs.isEmpty() && testPoints == 0) {
            throw tokens.unexpected("at least one role, run or line of tests", List.of("role", "run", "tests"));
        }
        atMost(MOST_OF_A_KIND, roles.size(), "roles");
        atMost(MOST_OF_A_KIND, members.size(), "members");
        atMost(MOST_OF_A_KIND, forms.size(), "forms");
        atMost(MOST_OF_A_KIND, values.size(), "lines of values");
        if (forms.isEmpty()) {
            forms.add(new Form(title, "", List.of(), List.of(), List.of()));
        }
        DesignPattern pattern = new DesignPattern(
                id,
                title,
                intent,
                List.copyOf(roles),
                List.copyOf(members),
                List.copyOf(order),
                List.copyOf(same),
                List.copyOf(signs),
                List.copyOf(requirements),
                List.copyOf(remarks),
                List.copyOf(forms),
                List.copyOf(pitfalls),
                List.copyOf(scenarios),
                List.copyOf(runs),
                testPoints,
                List.copyOf(values),
                limits,
                anchors.comments());
        Contradictions.refuse(pattern);
        return pattern;
    }

    private static void atMost(int most, int found, String what) {
        if (found > most) {
            throw new NotationException(1, 1, "there are " + found + " " + what + "; a pattern has at most " + most);
        }
    }

    private void endOfLine(String anchor) {
        tokens.expectLineEnd();
        remember(anchor);
    }

    private void remember(String anchor) {
        anchors.remember(tokens, anchor);
    }

    private void block(Token opener, String place) {
        anchors.block(opener.text(), place, opener.line(), tokens);
    }

    private Role role() {
        Token name = tokens.expect(Kind.WORD, "the role's name");
        names.declare(name, Names.Kind.ROLE);
        order.add(name.text());
        boolean optional = tokens.accept("optional");
        boolean many = tokens.accept("every");
        if (!many && !tokens.accept("a") && !tokens.accept("an")) {
            throw tokens.unexpected("'a', 'an', 'every' or 'optional'", List.of("optional", "every"));
        }
        TypeSort sort = typeSort();
        List<Predicate> that = that(Relation.Subject.TYPE);
        if (many && that.isEmpty()) {
            throw tokens.unexpected("'that' and what makes a type play the role", List.of("that"));
        }
        List<String> like = like();
        String doc = docLine();
        remember("role " + name.text());
        return new Role(name.text(), optional, many, sort, that, like, doc);
    }

    private SameRole same(List<Role> roles, List<SameRole> said) {
        Token role = tokens.peek();
        String name = names.expect(tokens, Names.Kind.ROLE);
        if (said.stream().anyMatch(s -> s.role().equals(name))) {
            throw new NotationException(role.line(), role.column(), "it was said already which role " + name + " is");
        }
        if (above.isEmpty()) {
            throw new NotationException(
                    role.line(), role.column(), "no pattern stands above whose role " + name + " could be");
        }
        tokens.expect("as");
        List<String> known = above.stream()
                .flatMap(p -> p.roles().stream())
                .filter(r -> !r.many())
                .map(Role::name)
                .toList();
        Token as = tokens.peek();
        if (!known.contains(as.text())) {
            throw tokens.unexpected("a role of one type of a pattern above", known);
        }
        tokens.next();
        if (roles.stream().anyMatch(r -> r.name().equals(name) && r.many())) {
            throw new NotationException(
                    role.line(),
                    role.column(),
                    name + " is played by every type that fits; say it of a role of one type");
        }
        return new SameRole(name, as.text());
    }

    private List<String> like() {
        List<String> like = new ArrayList<>();
        int before = tokens.mark();
        tokens.skipLineEnds();
        if (!tokens.accept("named like")) {
            tokens.reset(before);
            return List.of();
        }
        do {
            tokens.skipLineEnds();
            like.add(tokens.expect(Kind.TEXT, "a word in quotes").text());
        } while (tokens.accept(","));
        return List.copyOf(like);
    }

    /** What something is for may stand on the same line or the next. */
    private String docLine() {
        if (tokens.peek().kind() != Kind.TEXT) {
            tokens.expectLineEnd();
        }
        if (tokens.peek().kind() != Kind.TEXT) {
            return "";
        }
        String doc = tokens.next().text();
        tokens.expectLineEnd();
        return doc;
    }

    private List<Predicate> that(Relation.Subject of) {
        List<Predicate> that = new ArrayList<>();
        if (tokens.accept("that")) {
            do {
                that.add(conditions.predicates(of));
            } while (orElseThat());
        }
        return List.copyOf(that);
    }

    private TypeSort typeSort() {
        for (TypeSort sort : TypeSort.values()) {
            if (tokens.accept(sort.words())) {
                return sort;
            }
        }
        throw tokens.unexpected("a sort of type: " + String.join(", ", TypeSort.all()), TypeSort.all());
    }

    private Member member() {
        Token name = tokens.expect(Kind.WORD, "the member's name");
        boolean optional = tokens.accept("optional");
        boolean unlisted = tokens.accept("unlisted");
        optional |= tokens.accept("optional");
        boolean many = tokens.accept("every");
        boolean isField = tokens.accept("field");
        if (!isField) {
            tokens.expect("operation");
        }
        names.declare(name, isField ? Names.Kind.FIELD : Names.Kind.OPERATION);
        order.add(name.text());
        tokens.expect("of");
        String owner = names.expect(tokens, Names.Kind.ROLE);
        String orOf = tokens.accept("or") ? names.expect(tokens, Names.Kind.ROLE) : null;
        boolean closed = tokens.accept(", private or not");
        if (closed) {
            tokens.accept(",");
        }
        List<Predicate> that = that(isField ? Relation.Subject.FIELD : Relation.Subject.OPERATION);
        List<String> like = like();
        String orElse = null;
        if (acceptOnNewLine("or else field")) {
            orElse = names.expect(tokens, Names.Kind.FIELD);
        }
        String doc = docLine();
        remember("member " + name.text());
        return new Member(
                name.text(), isField, owner, orOf, many, optional, !unlisted, closed, that, like, orElse, doc);
    }

    /** An "or else that" may stand on a line of its own. */
    private boolean orElseThat() {
        return acceptOnNewLine("or else that");
    }

    private boolean acceptOnNewLine(String words) {
        if (tokens.accept(words)) {
            return true;
        }
        int before = tokens.mark();
        if (tokens.accept(",")) {
            tokens.skipLineEnds();
            if (tokens.accept(words)) {
                return true;
            }
            tokens.reset(before);
        }
        return false;
    }

    private Sign sign(int index) {
        boolean against = tokens.accept("against");
        double weight = (against ? -1 : 1) * tokens.amount("the sign's weight");
        Condition condition = conditions.condition();
        endOfLine("sign " + index);
        return new Sign(weight, condition);
    }

    /** @param replaced ids that may be used again, since this one stands in their place */
    private Requirement requirement(String within, Token opener, List<String> replaced) {
        boolean remark = opener.text().equals("remark");
        Token id = tokens.expect(Kind.WORD, "the requirement's id, a word");
        if (replaced.contains(id.text())) {
            names.mentionedRequirement(id);
        } else {
            names.declare(id, Names.Kind.REQUIREMENT);
        }
        boolean essential = !remark && tokens.accept("essential");
        double points = remark ? 0 : tokens.amount("the points it is worth");
        Token text = tokens.expect(Kind.TEXT, "a sentence in quotes that says what is asked");
        names.checkBraces(text);
        String anchor = within + "require " + id.text();
        endOfLine(anchor);
        String hint = "";
        if (tokens.accept("hint")) {
            Token said = tokens.expect(Kind.TEXT, "a sentence in quotes that says what to try");
            names.checkBraces(said);
            hint = said.text();
            endOfLine(anchor + " hint");
        }
        List<Condition> when = whenLines(anchor);
        List<Condition> asked = new ArrayList<>();
        while (!atOpener()) {
            asked.add(conditions.condition());
            endOfLine(anchor + " " + asked.size());
        }
        if (asked.isEmpty()) {
            throw Tokens.unexpected(
                    tokens.peek(),
                    "a condition for '" + id.text() + "' on a line of its own",
                    List.of(),
                    names.subjects());
        }
        block(opener, anchor);
        return new Requirement(
                id.text(),
                opener.text().equals("forbid"),
                essential,
                points,
                text.text(),
                hint,
                when,
                List.copyOf(asked));
    }

    private List<Condition> whenLines(String anchor) {
        List<Condition> when = new ArrayList<>();
        while (tokens.accept("when")) {
            when.add(conditions.condition());
            endOfLine(anchor + " when " + when.size());
        }
        return List.copyOf(when);
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
                names.mentionedRequirement(id);
                insteadOf.add(id.text());
            } while (tokens.accept(","));
        }
        String anchor = "form " + name.text();
        endOfLine(anchor);
        String doc = "";
        if (tokens.peek().kind() == Kind.TEXT) {
            doc = tokens.next().text();
            endOfLine(anchor + " doc");
        }
        List<Condition> when = whenLines(anchor);
        List<Requirement> own = new ArrayList<>();
        while (!insteadOf.isEmpty() && (atWord("require") || atWord("forbid"))) {
            own.add(requirement(anchor + " ", tokens.next(), insteadOf));
        }
        if (insteadOf.isEmpty() && known.isEmpty()) {
            throw new NotationException(
                    opener.line(), opener.column(), "a form needs requirements: write them above it");
        }
        block(opener, anchor);
        return new Form(name.text(), doc, when, List.copyOf(insteadOf), List.copyOf(own));
    }

    private boolean atWord(String word) {
        return tokens.peek().kind() == Kind.WORD && tokens.peek().text().equals(word);
    }

    private Pitfall pitfall(int index, List<Requirement> requirements, List<Form> forms) {
        Token text = tokens.expect(Kind.TEXT, "a sentence in quotes that says what goes wrong");
        List<String> ids = new ArrayList<>();
        requirements.forEach(r -> ids.add(r.id()));
        forms.forEach(f -> f.requirements().forEach(r -> ids.add(r.id())));
        List<String> caughtBy = new ArrayList<>();
        if (tokens.accept("caught by")) {
            do {
                Token id = tokens.expect(Kind.WORD, "a requirement's id");
                if (!ids.contains(id.text())) {
                    throw Tokens.unexpected(id, "the id of a requirement that stands above", ids);
                }
                names.mentionedRequirement(id);
                caughtBy.add(id.text());
            } while (tokens.accept(","));
        }
        endOfLine("pitfall " + index);
        return new Pitfall(text.text(), List.copyOf(caughtBy));
    }
}
