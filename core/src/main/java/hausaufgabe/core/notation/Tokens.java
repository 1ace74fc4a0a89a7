package hausaufgabe.core.notation;

import java.util.ArrayList;
import java.util.List;

/** The words of a text in order, with a place to read at. A line's end is a token; comments are none. */
final class Tokens {

    enum Kind {
        WORD,
        TEXT,
        NUMBER,
        SYMBOL,
        LINE_END,
        END
    }

    record Token(Kind kind, String text, int line, int column) {
        String shown() {
            return switch (kind) {
                case LINE_END -> "the end of the line";
                case END -> "the end of the text";
                case TEXT -> '"' + text + '"';
                default -> "'" + text + "'";
            };
        }
    }

    private final List<Token> all = new ArrayList<>();
    private int at;

    Tokens(String text) {
        int line = 1;
        int lineStart = 0;
        int i = 0;
        while (i < text.length()) {
            char c = text.charAt(i);
            int column = i - lineStart + 1;
            if (c == '\n') {
                add(Kind.LINE_END, "", line, column);
                line++;
                lineStart = ++i;
            } else if (Character.isWhitespace(c)) {
                i++;
            } else if (text.startsWith("--", i)) {
                i = endOf(text, i, '\n');
            } else if (c == '"') {
                int end = endOf(text, i + 1, '"');
                if (end >= text.length() || text.substring(i, end).indexOf('\n') >= 0) {
                    throw new NotationException(line, column, "a text begins here and does not end; close it with \"");
                }
                add(Kind.TEXT, text.substring(i + 1, end), line, column);
                i = end + 1;
            } else if (Character.isDigit(c)) {
                int end = i;
                while (end < text.length() && (Character.isDigit(text.charAt(end)) || text.charAt(end) == '.')) {
                    end++;
                }
                add(Kind.NUMBER, text.substring(i, end), line, column);
                i = end;
            } else if (Character.isLetter(c)) {
                int end = i;
                while (end < text.length() && isWordPart(text, end)) {
                    end++;
                }
                add(Kind.WORD, text.substring(i, end), line, column);
                i = end;
            } else {
                String symbol = text.startsWith(":=", i) ? ":=" : String.valueOf(c);
                if (!":=,.".contains(symbol)) {
                    throw new NotationException(line, column, "'" + symbol + "' means nothing here");
                }
                add(Kind.SYMBOL, symbol, line, column);
                i += symbol.length();
            }
        }
        add(Kind.LINE_END, "", line, text.length() - lineStart + 1);
        add(Kind.END, "", line, text.length() - lineStart + 1);
    }

    private static boolean isWordPart(String text, int i) {
        char c = text.charAt(i);
        boolean hyphen = c == '-' && i + 1 < text.length() && Character.isLetterOrDigit(text.charAt(i + 1));
        return Character.isLetterOrDigit(c) || c == '_' || hyphen;
    }

    private static int endOf(String text, int from, char closing) {
        int end = text.indexOf(closing, from);
        return end < 0 ? text.length() : end;
    }

    private void add(Kind kind, String text, int line, int column) {
        all.add(new Token(kind, text, line, column));
    }

    Token peek() {
        return all.get(at);
    }

    Token next() {
        Token t = all.get(at);
        if (t.kind() != Kind.END) {
            at++;
        }
        return t;
    }

    void skipLineEnds() {
        while (peek().kind() == Kind.LINE_END) {
            at++;
        }
    }

    /** Reads {@code words} if they stand next, all of them or none. */
    boolean accept(String words) {
        String[] wanted = words.split(" ");
        for (int k = 0; k < wanted.length; k++) {
            Token t = all.get(Math.min(at + k, all.size() - 1));
            if ((t.kind() != Kind.WORD && t.kind() != Kind.SYMBOL) || !t.text().equals(wanted[k])) {
                return false;
            }
        }
        at += wanted.length;
        return true;
    }

    void expect(String words) {
        if (!accept(words)) {
            throw unexpected("'" + words + "'", List.of(words));
        }
    }

    Token expect(Kind kind, String what) {
        if (peek().kind() != kind) {
            throw unexpected(what, List.of());
        }
        return next();
    }

    void expectLineEnd() {
        if (peek().kind() != Kind.LINE_END && peek().kind() != Kind.END) {
            throw unexpected("the end of the line", List.of());
        }
        skipLineEnds();
    }

    /** The error for what stands here. {@code known} are words among which a misspelt one is looked for. */
    NotationException unexpected(String expected, List<String> known) {
        return unexpected(peek(), expected, known);
    }

    static NotationException unexpected(Token found, String expected, List<String> known) {
        String hint = Spelling.nearest(found.text(), known)
                .map(w -> ". Did you mean '" + w + "'?")
                .orElse("");
        return new NotationException(
                found.line(), found.column(), "found " + found.shown() + ", expected " + expected + hint);
    }
}
