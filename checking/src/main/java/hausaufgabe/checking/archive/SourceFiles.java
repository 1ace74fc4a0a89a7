package hausaufgabe.checking.archive;

/** Which files of an upload are sources. */
public final class SourceFiles {

    private SourceFiles() {}

    /** Whether it is a source of a language that can be read; where there are sources of several, those of Java are. */
    public static boolean isRead(String path) {
        return path.matches(".*\\.(java|py|[cm]?[jt]s|[jt]sx)") && !path.endsWith(".d.ts");
    }
}
