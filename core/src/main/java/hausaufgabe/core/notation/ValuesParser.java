package hausaufgabe.core.notation;

import hausaufgabe.core.notation.Scenario.Argument.Literal;
import hausaufgabe.core.notation.Tokens.Kind;
import hausaufgabe.core.notation.Tokens.Token;
import hausaufgabe.core.notation.ValidValues.Sort;
import hausaufgabe.core.notation.ValidValues.Source;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;
import java.util.regex.PatternSyntaxException;
import org.jspecify.annotations.Nullable;

/** Reads what follows {@code values}: which values are valid. */
final class ValuesParser {

    private static final int MOST = 100;

    private final Tokens tokens;
    private final Names names;

    ValuesParser(Tokens tokens, Names names) {
        this.tokens = tokens;
        this.names = names;
    }

    ValidValues line() {
        Token first = tokens.peek();
        Sort sort = tokens.accept("text") ? Sort.TEXT : tokens.accept("number") ? Sort.NUMBER : Sort.OWN_TYPE;
        @Nullable
        String type = sort != Sort.OWN_TYPE
                ? null
                : tokens.expect(Kind.WORD, "'text', 'number' or the name of a type of the submission")
                        .text();
        @Nullable String role = tokens.accept("of") ? names.expect(tokens, Names.Kind.ROLE) : null;
        List<String> words = sort == Sort.OWN_TYPE ? List.of() : words(sort);
        Source source = switch (sort) {
            case TEXT -> texts();
            case NUMBER -> numbers();
            case OWN_TYPE -> objects(first);
        };
        return new ValidValues(sort, type, role, words, source);
    }

    /** A text before the values names parameters; of two texts side by side it is the first. */
    private List<String> words(Sort sort) {
        if (tokens.peek().kind() != Kind.TEXT) {
            return List.of();
        }
        int before = tokens.mark();
        Token text = tokens.next();
        boolean isNames = sort == Sort.NUMBER
                || tokens.peek().kind() == Kind.TEXT
                || tokens.peek().text().equals("matching");
        if (!isNames) {
            tokens.reset(before);
            return List.of();
        }
        List<String> words = Arrays.stream(text.text().split(","))
                .map(String::strip)
                .filter(w -> !w.isEmpty())
                .toList();
        if (words.isEmpty()) {
            throw Tokens.unexpected(text, "words of a parameter's name, such as \"berth, quay\"", List.of());
        }
        return words;
    }

    private Source texts() {
        if (!tokens.accept("matching")) {
            return new Source.Examples(several(Kind.TEXT, "a text in quotes"));
        }
        Token t = tokens.expect(Kind.TEXT, "a regular expression in quotes");
        try {
            Pattern.compile(t.text());
        } catch (PatternSyntaxException e) {
            throw new NotationException(t.line(), t.column(), "no regular expression: " + e.getDescription());
        }
        if (!ExpressionSize.isSmall(t.text())) {
            throw new NotationException(
                    t.line(),
                    t.column(),
                    "texts of this expression could be longer than " + ExpressionSize.MOST
                            + " characters; give a shorter one, or examples");
        }
        return new Source.Matching(t.text());
    }

    private Source numbers() {
        Token least = tokens.expect(Kind.NUMBER, "a number");
        if (!tokens.accept("to")) {
            List<Literal> all = new ArrayList<>(List.of(new Literal(least.text(), false)));
            while (tokens.accept(",")) {
                all.add(literal(Kind.NUMBER, "a number"));
            }
            return new Source.Examples(atMost(all));
        }
        Token most = tokens.expect(Kind.NUMBER, "the largest number");
        if (new BigDecimal(least.text()).compareTo(new BigDecimal(most.text())) > 0) {
            throw new NotationException(
                    most.line(), most.column(), "nothing is between " + least.text() + " and " + most.text());
        }
        return new Source.Range(least.text(), most.text());
    }

    private Source objects(Token type) {
        if (!tokens.accept("from")) {
            if (tokens.peek().kind() != Kind.TEXT) {
                throw tokens.unexpected(
                        "values of " + type.text() + " in quotes, or 'from' and what one is made from",
                        List.of("from"));
            }
            return new Source.Examples(several(Kind.TEXT, "a text in quotes"));
        }
        List<Literal> all = new ArrayList<>();
        do {
            boolean text = tokens.peek().kind() == Kind.TEXT;
            boolean truth =
                    tokens.peek().text().equals("true") || tokens.peek().text().equals("false");
            all.add(literal(text ? Kind.TEXT : truth ? Kind.WORD : Kind.NUMBER, "a text, a number, true or false"));
        } while (tokens.accept(","));
        return new Source.From(atMost(all));
    }

    private List<Literal> several(Kind kind, String what) {
        List<Literal> all = new ArrayList<>();
        do {
            all.add(literal(kind, what));
        } while (tokens.accept(","));
        return atMost(all);
    }

    private Literal literal(Kind kind, String what) {
        return new Literal(tokens.expect(kind, what).text(), kind == Kind.TEXT);
    }

    private List<Literal> atMost(List<Literal> all) {
        if (all.size() > MOST) {
            Token t = tokens.peek();
            throw new NotationException(t.line(), t.column(), "a line has at most " + MOST + " values");
        }
        return List.copyOf(all);
    }
}
