package hausaufgabe.server.exercise;

import hausaufgabe.checking.exercise.ExerciseFolder;
import hausaufgabe.server.Problem;
import java.util.Locale;
import java.util.Map;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** The pictures of a brief. */
public final class Pictures {

    private static final Map<String, MediaType> PICTURES = Map.of(
            "png", MediaType.IMAGE_PNG,
            "jpg", MediaType.IMAGE_JPEG,
            "jpeg", MediaType.IMAGE_JPEG,
            "gif", MediaType.IMAGE_GIF,
            "webp", MediaType.parseMediaType("image/webp"));

    private Pictures() {}

    /** @throws Problem where the exercise has no such picture */
    public static ResponseEntity<byte[]> of(ExerciseFolder folder, String path) {
        byte[] bytes = path.startsWith(ExerciseFolder.IMAGES) ? folder.files().get(path) : null;
        if (bytes == null) {
            throw Problem.notFound("There is no such picture.");
        }
        String ending = path.substring(path.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
        return ResponseEntity.ok().contentType(PICTURES.get(ending)).body(bytes);
    }
}
