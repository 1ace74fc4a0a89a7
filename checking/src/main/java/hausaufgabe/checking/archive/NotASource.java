package hausaufgabe.checking.archive;

import java.util.Locale;

/** Why a file is no source, as far as its name tells. */
final class NotASource {

    private NotASource() {}

    static boolean isCompiled(String path) {
        String p = path.toLowerCase(Locale.ROOT);
        return p.endsWith(".class") || p.endsWith(".jar") || p.endsWith(".pyc");
    }

    static boolean isPackedOtherwise(String path) {
        String p = path.toLowerCase(Locale.ROOT);
        return p.endsWith(".rar") || p.endsWith(".7z") || p.endsWith(".xz") || p.endsWith(".bz2");
    }

    static String why(String path) {
        if (isCompiled(path)) {
            return "is compiled; only sources are read";
        }
        if (PackedFiles.isNamedSo(path) || isPackedOtherwise(path)) {
            return "is an archive within the upload, which is not opened beside sources";
        }
        return "is no source that this exercise reads";
    }
}
