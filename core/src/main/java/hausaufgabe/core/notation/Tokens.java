package hausaufgabe.core.notation;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

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

    private static final Pattern NUMBER = Pattern.compile("-?[0-9]+(\\.[0-9]+)?");
    /** Characters that a number may have. */
    private static final int DIGITS = 18;

    private final List<Token> all = new ArrayList<>();
    /** For each token the next one, or itself, that is no line's end. */
    private final int[] nextWord;

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
            } else if (isDigit(text, i) || c == '-' && isDigit(text, i + 1)) {
                int end = i + 1;
                while (isDigit(text, end) || end < text.length() && text.charAt(end) == '.') {
                    end++;
                }
                add(Kind.NUMBER, number(text.substring(i, end), line, column), line, column);
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
        nextWord = new int[all.size()];
        for (int k = all.size() - 1; k >= 0; k--) {
            nextWord[k] = all.get(k).kind() == Kind.LINE_END && k < all.size() - 1 ? nextWord[k + 1] : k;
        }
    }

    private static boolean isDigit(String text, int i) {
        return i < text.length() && text.charAt(i) >= '0' && text.charAt(i) <= '9';
    }

    private static String number(String written, int line, int column) {
        if (!NUMBER.matcher(written).matches()) {
            throw new NotationException(
                    line, column, "'" + written + "' is no number; a number looks like 12, 0.5 or -3");
        }
        if (written.length() > DIGITS) {
            throw new NotationException(line, column, "a number has at most " + DIGITS + " characters");
        }
        return written;
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
        for (int i = remarked; i < remarks.size() && isRead(remarks.get(i)); i++) {
            if (remarks.get(i).alone() == alone) {
                taken.add(remarks.get(i).text());
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
        int word = r.alone() ? nextWord[r.before()] : r.before();
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
        if (words.indexOf(' ') < 0) {
            return acceptOne(words);
        }
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

    private boolean acceptOne(String word) {
        Token t = all.get(at);
        boolean fits =
                (t.kind() == Kind.WORD || t.kind() == Kind.SYMBOL) && t.text().equals(word);
        at += fits ? 1 : 0;
        return fits;
    }

    /** A number that is not below zero, such as points or a weight. */
    double amount(String what) {
        Token t = expect(Kind.NUMBER, what + ", a number");
        if (t.text().startsWith("-")) {
            throw new NotationException(t.line(), t.column(), what + " cannot be below 0; found " + t.text());
        }
        return Double.parseDouble(t.text());
    }

    /** A whole number of something. */
    int count(String what, int least, int most) {
        Token t = expect(Kind.NUMBER, what + ", a whole number");
        long n;
        try {
            n = Long.parseLong(t.text());
        } catch (NumberFormatException e) {
            throw new NotationException(t.line(), t.column(), what + " is a whole number, not " + t.text());
        }
        if (n < least || n > most) {
            throw new NotationException(
                    t.line(), t.column(), what + " is between " + least + " and " + most + ", not " + n);
        }
        return (int) n;
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
        return unexpected(found, expected, known, known);
    }

    /** @param choices what could stand there as a whole, where that is more than the first word */
    static NotationException unexpected(Token found, String expected, List<String> known, List<String> choices) {
        String hint = Spelling.nearest(found.text(), known)
                .map(w -> ". Did you mean '" + w + "'?")
                .orElse("");
        return new NotationException(
                found.line(), found.column(), "found " + found.shown() + ", expected " + expected + hint, choices);
    }

    /** The line of the last word, text or number that was read; 0 before the first. */
    int lastLine() {
        for (int i = at - 1; i >= 0; i--) {
            if (all.get(i).kind() != Kind.LINE_END) {
                return all.get(i).line();
            }
        }
        return 0;
    }
}
