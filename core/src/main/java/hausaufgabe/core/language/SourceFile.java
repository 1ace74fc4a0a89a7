package hausaufgabe.core.language;

/** @param path inside the submission, with {@code /} */
public record SourceFile(String path, String text) {}
