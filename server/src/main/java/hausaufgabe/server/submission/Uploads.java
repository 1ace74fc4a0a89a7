package hausaufgabe.server.submission;

import hausaufgabe.server.Problem;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.web.multipart.MultipartFile;

/** Files as a browser sends them. */
public final class Uploads {

    /** Bytes that what one student hands in may have. */
    public static final int ONE = 20 << 20;
    /** Bytes that a pile may have. */
    static final int PILE = 120 << 20;

    private Uploads() {}

    /** What whoever gave it calls a file, for messages. */
    public static String nameOf(MultipartFile file) {
        String name = file.getOriginalFilename();
        return name == null || name.isBlank() ? "The file" : name;
    }

    /**
     * By the paths they have in their folder.
     *
     * @param most bytes that all together may have
     * @throws Problem where two have the same, or they are too large
     */
    public static Map<String, byte[]> byPath(List<MultipartFile> files, long most) throws IOException {
        if (files.stream().mapToLong(MultipartFile::getSize).sum() > most) {
            throw Problem.tooLarge("The upload is larger than " + (most >> 20)
                    + " MB. Pack only the sources and upload again. Nothing was stored.");
        }
        Map<String, byte[]> byPath = new LinkedHashMap<>();
        for (MultipartFile f : files) {
            String path = f.getOriginalFilename() == null ? "" : f.getOriginalFilename();
            if (!path.isBlank() && byPath.put(path, f.getBytes()) != null) {
                throw Problem.badRequest(
                        path
                                + " was chosen twice. Files of the same name need a zip with their folders. Nothing was stored.");
            }
        }
        return byPath;
    }
}
