package hausaufgabe.core.matching.judgement;

import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.notation.DesignPattern;
import hausaufgabe.core.report.Sentence;
import hausaufgabe.core.report.Sentence.Piece;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;

/** Makes sentences out of words and what a binding's names stand for. */
public final class Wording {

    private static final java.util.regex.Pattern BRACES = java.util.regex.Pattern.compile("\\{([^}]*)}");

    private final DesignPattern pattern;
    private final Binding binding;
    private final boolean quiet;

    /** @param quiet whether nothing needs to be said, as during a search */
    public Wording(DesignPattern pattern, Binding binding, boolean quiet) {
        this.pattern = pattern;
        this.binding = binding;
        this.quiet = quiet;
    }

    /** Whether nothing needs to be said, nor shown. */
    public boolean isQuiet() {
        return quiet;
    }

    /** Joins strings, types, operations and fields; a list is enumerated. */
    public Sentence say(Object... parts) {
        if (quiet) {
            return Sentence.NONE;
        }
        List<Piece> pieces = new ArrayList<>();
        for (Object part : parts) {
            add(pieces, part);
        }
        return new Sentence(List.copyOf(pieces));
    }

    private void add(List<Piece> pieces, Object part) {
        if (part instanceof Type t) {
            pieces.add(new Piece(nameOf(t), t.isNamed() || t.origin() == Type.Origin.CONSTANT, binding.roleOf(t)));
        } else if (part instanceof Operation o) {
            pieces.add(new Piece(o.isConstructor() ? "the constructor" : o.name() + "()", !o.isConstructor(), null));
        } else if (part instanceof Field f) {
            pieces.add(new Piece(f.name(), true, null));
        } else if (part instanceof List<?> list) {
            addList(pieces, list);
        } else if (part instanceof Sentence s) {
            pieces.addAll(s.pieces());
        } else {
            pieces.add(new Piece(String.valueOf(part), false, null));
        }
    }

    private void addList(List<Piece> pieces, List<?> all) {
        // overloads bear one name, which is said once
        boolean operations = !all.isEmpty() && all.stream().allMatch(Operation.class::isInstance);
        List<?> list =
                operations ? distinct(all.stream().map(Operation.class::cast).toList()) : all;
        int shown = list.size() > 6 ? 5 : list.size();
        for (int i = 0; i < shown; i++) {
            if (i > 0) {
                pieces.add(new Piece(i == list.size() - 1 ? " and " : ", ", false, null));
            }
            add(pieces, list.get(i));
        }
        if (shown < list.size()) {
            pieces.add(new Piece(" and " + (list.size() - shown) + " more", false, null));
        }
    }

    private static String nameOf(Type t) {
        if (t.isNamed() || t.origin() == Type.Origin.CONSTANT) {
            return t.name();
        }
        String kind = t.origin() == Type.Origin.LAMBDA ? "the function" : "the nameless class";
        return t.span() == null ? kind : kind + " in line " + t.span().line();
    }

    /** A requirement's text with the names in braces replaced; what is bound to nothing is said by its role's name. */
    public Sentence fill(String text) {
        if (quiet) {
            return Sentence.NONE;
        }
        List<Object> parts = new ArrayList<>();
        Matcher m = BRACES.matcher(text);
        int at = 0;
        for (MatchResult found : m.results().toList()) {
            parts.add(text.substring(at, found.start()));
            parts.add(named(found.group(1)));
            at = found.end();
        }
        parts.add(text.substring(at));
        return capitalised(say(parts.toArray()));
    }

    private static Sentence capitalised(Sentence s) {
        List<Piece> pieces = new ArrayList<>(s.pieces());
        for (int i = 0; i < pieces.size(); i++) {
            Piece p = pieces.get(i);
            if (!p.text().isEmpty()) {
                if (!p.isCode()) {
                    String first = p.text().substring(0, 1).toUpperCase(java.util.Locale.ROOT);
                    pieces.set(i, new Piece(first + p.text().substring(1), false, p.role()));
                }
                break;
            }
        }
        return new Sentence(List.copyOf(pieces));
    }

    private Object named(String name) {
        if (!binding.types(name).isEmpty()) {
            return enumerable(binding.types(name));
        }
        if (!binding.operations(name).isEmpty()) {
            return distinct(binding.operations(name));
        }
        if (!binding.fields(name).isEmpty()) {
            return binding.fields(name);
        }
        return pattern.role(name)
                .<Object>map(r -> new Sentence(List.of(new Piece(r.name(), false, r.name()))))
                .orElse("the " + spaced(name));
    }

    private static List<Operation> distinct(List<Operation> operations) {
        List<Operation> one = new ArrayList<>();
        for (Operation o : operations) {
            if (one.stream().noneMatch(p -> p.name().equals(o.name()))) {
                one.add(o);
            }
        }
        return one;
    }

    /** Nameless types of one role are counted rather than listed. */
    private Object enumerable(List<Type> types) {
        List<Type> nameless = types.stream()
                .filter(t -> !t.isNamed() && t.origin() != Type.Origin.CONSTANT)
                .toList();
        if (nameless.size() < 2) {
            return types;
        }
        List<Object> parts = new ArrayList<>(types);
        parts.removeAll(nameless);
        boolean lambdas = nameless.stream().allMatch(t -> t.origin() == Type.Origin.LAMBDA);
        Piece counted = new Piece(
                nameless.size() + (lambdas ? " functions" : " nameless classes"),
                false,
                binding.roleOf(nameless.get(0)));
        parts.add(new Sentence(List.of(counted)));
        return parts;
    }

    /** {@code contextOperation} as {@code context operation}. */
    public static String spaced(String name) {
        return name.replaceAll("([a-z])([A-Z])", "$1 $2").toLowerCase(java.util.Locale.ROOT);
    }
}
