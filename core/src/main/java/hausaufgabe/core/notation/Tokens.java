package hausaufgabe.core.notation;

import java.util.ArrayList;
import java.util.List;

/**
 * The words of a text in order, with a place to read at. A line's end is a token; comments are none, but can be had for
 * the tokens that were read.
 */
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

    /** A comment; {@code before} is the index of the token it stands before. */
    private record Remark(int before, String text, boolean alone) {}

    private final List<Token> all = new ArrayList<>();
    private final List<Remark> remarks = new ArrayList<>();
    private int at;
    private int remarked;
    private boolean ended;

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
                int end = endOf(text, i, '\n');
                boolean alone = all.isEmpty() || all.get(all.size() - 1).kind() == Kind.LINE_END;
                remarks.add(new Remark(all.size(), text.substring(i + 2, end).strip(), alone));
                i = end;
            } else if (c == '"') {
                int end = endOfText(text, i + 1);
                if (end >= text.length() || text.charAt(end) != '"') {
                    throw new NotationException(line, column, "a text begins here and does not end; close it with \"");
                }
                add(Kind.TEXT, unescaped(text.substring(i + 1, end)), line, column);
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

    /** The closing quote; one behind a backslash is part of the text. */
    private static int endOfText(String text, int from) {
        int end = from;
        while (end < text.length() && text.charAt(end) != '"' && text.charAt(end) != '\n') {
            end += text.charAt(end) == '\\' ? 2 : 1;
        }
        return Math.min(end, text.length());
    }

    private static String unescaped(String text) {
        if (text.indexOf('\\') < 0) {
            return text;
        }
        StringBuilder plain = new StringBuilder();
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (c == '\\' && i + 1 < text.length()) {
                char next = text.charAt(++i);
                plain.append(next == 'n' ? "\n" : next == 't' ? "\t" : String.valueOf(next));
            } else {
                plain.append(c);
            }
        }
        return plain.toString();
    }

    private static int endOf(String text, int from, char closing) {
        int end = text.indexOf(closing, from);
        return end < 0 ? text.length() : end;
    }

    private void add(Kind kind, String text, int line, int column) {
        all.add(new Token(kind, text, line, column));
    }

    /** Comments that stand alone before tokens read since the last time, or behind them on their line. */
    List<String> takeRemarks(boolean alone) {
        List<String> taken = new ArrayList<>();
        for (Remark r : remarks.subList(remarked, remarks.size())) {
            if (isRead(r) && r.alone() == alone) {
                taken.add(r.text());
            }
        }
        return taken;
    }

    /** No comment before here is given out again. */
    void leaveRemarks() {
        while (remarked < remarks.size() && isRead(remarks.get(remarked))) {
            remarked++;
        }
    }

    /** A comment that stands alone is read with the first word after it, others with the end of their line. */
    private boolean isRead(Remark r) {
        int word = r.before();
        while (r.alone() && word < all.size() - 1 && all.get(word).kind() == Kind.LINE_END) {
            word++;
        }
        return word < at || (all.get(word).kind() == Kind.END && ended);
    }

    int mark() {
        return at;
    }

    void reset(int mark) {
        at = mark;
    }

    Token peek() {
        return all.get(at);
    }

    Token next() {
        Token t = all.get(at);
        if (t.kind() != Kind.END) {
            at++;
        } else {
            ended = true;
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
