package hausaufgabe.server.submission;

import hausaufgabe.server.course.Student;
import java.text.Normalizer;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Tells from the name of a file or folder whose it is. Where more than one student fits, nobody is taken for sure. */
final class Owners {

    /** Letters of an e-mail's local part below which it is too likely a word. */
    private static final int SHORT = 3;

    private final List<Student> students;
    private final Map<Student, Set<String>> names = new HashMap<>();

    Owners(List<Student> students) {
        this.students = students.stream().filter(s -> !s.left()).toList();
        this.students.forEach(s -> names.put(s, Set.copyOf(words(s.name()))));
    }

    /**
     * Whose it is.
     *
     * @param student null where nobody fits
     * @param reason why, in words
     * @param sure whether a person need not look at it
     */
    record Owner(@Nullable Student student, String reason, boolean sure) {}

    /** By the number first, then by e-mail, then by the name. */
    Owner of(String name) {
        String stem = name.replaceAll("(?i)\\.(zip|tar|tar\\.gz|tgz|java)$", "");
        String squeezed = " " + String.join(" ", words(stem)) + " ";
        Set<String> words = Set.copyOf(words(stem));
        Owner found = one(s -> stands(squeezed, s.number()), "has the number %s");
        if (found == null) {
            found = one(
                    s -> !s.email().isEmpty()
                            && (stem.toLowerCase(Locale.ROOT).contains(s.email().toLowerCase(Locale.ROOT))
                                    || (local(s).length() > SHORT && stands(squeezed, local(s)))),
                    "goes by an e-mail address");
        }
        if (found == null) {
            found = one(s -> names.get(s).size() > 1 && words.containsAll(names.get(s)), "has the whole name");
        }
        if (found == null) {
            Owner part = one(s -> words.contains(last(s)), "has only the family name");
            found = part == null ? null : new Owner(part.student(), part.reason(), false);
        }
        if (found == null) {
            Owner part = one(s -> names.get(s).stream().anyMatch(words::contains), "has only part of the name");
            found = part == null ? null : new Owner(part.student(), part.reason(), false);
        }
        return found == null
                ? new Owner(null, "No number, e-mail address or name of the roster is in it.", false)
                : found;
    }

    private static String local(Student s) {
        return s.email().contains("@") ? s.email().substring(0, s.email().indexOf('@')) : "";
    }

    /** The one student who fits; nobody for sure where several do; null where none does. */
    private @Nullable Owner one(Predicate<Student> fits, String reason) {
        List<Student> found = students.stream().filter(fits).toList();
        if (found.isEmpty()) {
            return null;
        }
        if (found.size() > 1) {
            String who = found.stream().limit(3).map(Student::name).collect(Collectors.joining(", "));
            return new Owner(null, "Fits several: " + who + (found.size() > 3 ? " and more." : "."), false);
        }
        String said = String.format(reason, found.get(0).number());
        return new Owner(found.get(0), "It " + said + ".", true);
    }

    private static boolean stands(String squeezed, String text) {
        List<String> words = words(text);
        return !words.isEmpty() && squeezed.contains(" " + String.join(" ", words) + " ");
    }

    private static String last(Student s) {
        List<String> words = words(s.name());
        return words.isEmpty() ? "" : words.get(words.size() - 1);
    }

    /** Words and numbers in lower case without accents; what is written together in capitals is taken apart as well. */
    static List<String> words(String text) {
        String plain = Normalizer.normalize(
                        text.replace("ß", "ss").replace("ø", "o").replace("æ", "ae"), Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .replaceAll("(\\p{Ll})(\\p{Lu})", "$1 $2")
                .replaceAll("(\\p{L})(\\d)", "$1 $2")
                .replaceAll("(\\d)(\\p{L})", "$1 $2")
                .toLowerCase(Locale.ROOT)
                // an umlaut may be written as two letters
                .replaceAll("([aou])e", "$1");
        return Arrays.stream(plain.split("[^\\p{L}\\p{N}]+"))
                .filter(w -> !w.isEmpty())
                .toList();
    }
}
