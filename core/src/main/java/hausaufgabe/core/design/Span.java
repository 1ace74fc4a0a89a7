package hausaufgabe.core.design;

/**
 * A stretch of source text.
 *
 * @param file path inside the submission, with {@code /}
 * @param line first line, from 1
 * @param endLine last line, inclusive
 * @param from offset of the first character in the file, from 0
 * @param to offset just after the last character
 */
public record Span(String file, int line, int endLine, int from, int to) {

    /** Whether {@code inner} lies wholly inside this span. */
    public boolean contains(Span inner) {
        return file.equals(inner.file) && from <= inner.from && inner.to <= to;
    }
}
