package hausaufgabe.server.exercise;

import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.matching.relation.StandardVocabulary;
import hausaufgabe.core.notation.DesignPattern;
import hausaufgabe.core.notation.DesignPattern.Condition;
import hausaufgabe.core.notation.DesignPattern.Form;
import hausaufgabe.core.notation.DesignPattern.Quantity;
import hausaufgabe.core.notation.DesignPattern.Requirement;
import hausaufgabe.core.notation.PatternOutline;
import hausaufgabe.core.notation.PatternPrinter;
import hausaufgabe.core.notation.PatternSet;
import hausaufgabe.core.notation.Predicate;
import hausaufgabe.core.notation.RunLimits;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A pattern's text as sentences whose parts can be chosen.
 *
 * @param title of the pattern
 * @param names of roles and members, in the order of the text
 * @param same which roles one type plays with a role of a pattern above
 * @param above roles of patterns above that a role can be the same as; empty where none stands above
 * @param limits what running a submission may cost, all of them
 * @param ready what the catalogue's pattern of the same id asks for and this one does not
 */
public record Sentences(
        String title,
        List<Name> names,
        List<SameLine> same,
        List<String> above,
        List<Claim> claims,
        List<FormClaims> forms,
        List<PitfallLine> pitfalls,
        List<ScenarioLine> scenarios,
        List<RunLine> runs,
        List<ValuesLine> values,
        double testPoints,
        List<LimitLine> limits,
        List<Ready> ready) {

    /** What a name can stand for, as relations ask for it. */
    public enum Kind {
        ROLE,
        OPERATION,
        FIELD
    }

    /**
     * @param many whether several may play the role
     * @param doc what it is for; may be empty
     */
    public record Name(String name, Kind kind, boolean many, String doc) {}

    /** @param of in the words of the notation */
    public record LimitLine(String of, int amount, int usual, int most) {}

    /** A line that says that one type plays two roles. */
    public record SameLine(String place, String role, String as) {}

    /** A line that says which values are valid. */
    public record ValuesLine(String place, String text) {}

    /** A requirement; conditions under {@code when} say when it applies. */
    public record Claim(
            String place,
            String id,
            boolean forbidden,
            boolean essential,
            double points,
            String text,
            String hint,
            List<String> when,
            List<Said> conditions) {}

    /**
     * A condition.
     *
     * @param count only where the quantity has one
     * @param alone whether nothing else may satisfy it
     * @param text as the notation writes it
     */
    public record Said(Quantity quantity, int count, String subject, boolean alone, List<Part> parts, String text) {}

    /**
     * One of the things that are said of the subject.
     *
     * @param words of the relation, with capitals for the names; null where it says of which sort a type is
     * @param sort of the type; null for a relation
     */
    public record Part(
            boolean negative,
            @Nullable String words,
            @Nullable String sort,
            List<String> names) {}

    public record FormClaims(String place, String name, String doc, List<Claim> claims) {}

    public record PitfallLine(String place, String text, List<String> caughtBy) {}

    /**
     * @param forms in which it is played; empty for all
     * @param every names for each of which it is played
     * @param when conditions on which it is
     * @param shows ids of requirements that it speaks for
     */
    public record ScenarioLine(
            String place,
            String name,
            double points,
            List<String> forms,
            List<String> every,
            List<String> when,
            List<String> shows,
            List<String> steps) {}

    public record RunLine(String place, String name, double points, List<String> lines) {}

    /** @param block what to add to the text */
    public record Ready(Sort sort, String text, String block) {
        public enum Sort {
            REQUIREMENT,
            FORM,
            SCENARIO,
            PITFALL
        }
    }

    /**
     * One for each pattern of the text.
     *
     * @throws hausaufgabe.core.notation.NotationException where the text is no pattern
     */
    static List<Sentences> all(String text) {
        List<Sentences> all = new ArrayList<>();
        List<String> above = new ArrayList<>();
        for (PatternOutline outline : PatternSet.outlines(text, StandardVocabulary.INSTANCE)) {
            DesignPattern p = outline.pattern();
            all.add(of(p, List.copyOf(above)));
            p.roles().stream()
                    .filter(r -> !r.many())
                    .map(DesignPattern.Role::name)
                    .forEach(above::add);
        }
        return List.copyOf(all);
    }

    private static Sentences of(DesignPattern p, List<String> above) {
        return new Sentences(
                p.title(),
                names(p),
                same(p),
                above,
                p.requirements().stream().map(r -> claim("", r)).toList(),
                p.forms().stream().map(Sentences::form).toList(),
                pitfalls(p),
                p.scenarios().stream()
                        .map(s -> new ScenarioLine(
                                "scenario " + s.name(),
                                s.name(),
                                s.points(),
                                s.forms(),
                                s.every(),
                                s.when().stream().map(PatternPrinter::condition).toList(),
                                s.shows(),
                                s.steps().stream().map(PatternPrinter::step).toList()))
                        .toList(),
                p.runs().stream()
                        .map(r -> new RunLine("run " + r.name(), r.name(), r.points(), PatternPrinter.lines(r)))
                        .toList(),
                values(p),
                p.testPoints(),
                limits(p),
                ready(p));
    }

    private static List<LimitLine> limits(DesignPattern p) {
        return Arrays.stream(RunLimits.Of.values())
                .map(o -> new LimitLine(
                        o.words(), p.limits().amount(o), RunLimits.USUAL.amount(o), RunLimits.MOST.amount(o)))
                .toList();
    }

    private static List<SameLine> same(DesignPattern p) {
        List<SameLine> all = new ArrayList<>();
        for (int i = 0; i < p.same().size(); i++) {
            all.add(new SameLine(
                    "same " + i, p.same().get(i).role(), p.same().get(i).as()));
        }
        return List.copyOf(all);
    }

    private static List<Name> names(DesignPattern p) {
        List<Name> names = new ArrayList<>();
        for (String n : p.order()) {
            p.role(n).ifPresent(r -> names.add(new Name(n, Kind.ROLE, r.many(), r.doc())));
            p.member(n)
                    .ifPresent(
                            m -> names.add(new Name(n, m.isField() ? Kind.FIELD : Kind.OPERATION, m.many(), m.doc())));
        }
        return List.copyOf(names);
    }

    private static Claim claim(String within, Requirement r) {
        return new Claim(
                within + "require " + r.id(),
                r.id(),
                r.forbidden(),
                r.essential(),
                r.points(),
                r.text(),
                r.hint(),
                r.when().stream().map(PatternPrinter::condition).toList(),
                r.conditions().stream().map(Sentences::said).toList());
    }

    private static Said said(Condition c) {
        List<Predicate> all = c.predicate() instanceof Predicate.All a ? a.parts() : List.of(c.predicate());
        return new Said(
                c.quantity(),
                c.count(),
                c.subject(),
                c.alone(),
                all.stream().map(Sentences::part).toList(),
                PatternPrinter.condition(c));
    }

    private static Part part(Predicate p) {
        boolean negative = p instanceof Predicate.Not;
        Predicate bare = p instanceof Predicate.Not n ? n.of() : p;
        return bare instanceof Predicate.Says s
                ? new Part(negative, s.relation().words(), null, s.names())
                : new Part(negative, null, ((Predicate.IsA) bare).sort().words(), List.of());
    }

    private static FormClaims form(Form f) {
        String place = "form " + f.name();
        return new FormClaims(
                place,
                f.name(),
                f.doc(),
                f.requirements().stream().map(r -> claim(place + " ", r)).toList());
    }

    private static List<PitfallLine> pitfalls(DesignPattern p) {
        List<PitfallLine> all = new ArrayList<>();
        for (int i = 0; i < p.pitfalls().size(); i++) {
            all.add(new PitfallLine(
                    "pitfall " + i,
                    p.pitfalls().get(i).text(),
                    p.pitfalls().get(i).caughtBy()));
        }
        return List.copyOf(all);
    }

    private static List<ValuesLine> values(DesignPattern p) {
        List<ValuesLine> all = new ArrayList<>();
        for (int i = 0; i < p.values().size(); i++) {
            all.add(new ValuesLine(
                    "values " + (i + 1), PatternPrinter.line(p.values().get(i))));
        }
        return List.copyOf(all);
    }

    private static List<Ready> ready(DesignPattern p) {
        Optional<DesignPattern> known = Catalogue.pattern(p.id());
        if (known.isEmpty()) {
            return List.of();
        }
        List<Ready> all = new ArrayList<>();
        Set<String> ids = new HashSet<>();
        p.requirements().forEach(r -> ids.add(r.id()));
        known.get().requirements().stream()
                .filter(r -> !ids.contains(r.id()))
                .forEach(r ->
                        all.add(new Ready(Ready.Sort.REQUIREMENT, r.text(), PatternPrinter.block(known.get(), r))));
        Set<String> forms = new HashSet<>();
        p.forms().forEach(f -> forms.add(f.name()));
        known.get().forms().stream()
                .filter(f -> known.get().forms().size() > 1 && !forms.contains(f.name()))
                .forEach(f -> all.add(new Ready(
                        Ready.Sort.FORM,
                        f.doc().isEmpty() ? f.name() : f.name() + ": " + f.doc(),
                        PatternPrinter.block(known.get(), f))));
        Set<String> scenarios = new HashSet<>();
        p.scenarios().forEach(s -> scenarios.add(s.name()));
        known.get().scenarios().stream()
                .filter(s -> !scenarios.contains(s.name()))
                .forEach(s -> all.add(new Ready(Ready.Sort.SCENARIO, s.name(), PatternPrinter.block(known.get(), s))));
        Set<String> pitfalls = new HashSet<>();
        p.pitfalls().forEach(x -> pitfalls.add(x.text()));
        known.get().pitfalls().stream()
                .filter(x -> !pitfalls.contains(x.text()))
                .forEach(x -> all.add(new Ready(Ready.Sort.PITFALL, x.text(), PatternPrinter.block(x))));
        return List.copyOf(all);
    }
}
