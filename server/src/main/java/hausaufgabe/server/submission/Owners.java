package hausaufgabe.server.submission;

import hausaufgabe.server.course.Student;
import java.text.Normalizer;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Tells from the name of a file or folder whose it is. Where more than one student fits, nobody is taken for sure. */
final class Owners {

    /** Letters of an e-mail's local part below which it is too likely a word. */
    private static final int SHORT = 3;

    private final List<Known> students;

    Owners(List<Student> students) {
        this.students = students.stream().filter(s -> !s.left()).map(Known::of).toList();
    }

    /**
     * A student in words that are compared with those of a file's name.
     *
     * @param local what stands before the @ of the e-mail address; empty where that says too little
     * @param last the family name
     */
    private record Known(Student student, List<String> number, List<String> local, Set<String> name, String last) {

        static Known of(Student s) {
            String local =
                    s.email().contains("@") ? s.email().substring(0, s.email().indexOf('@')) : "";
            List<String> name = words(s.name());
            return new Known(
                    s,
                    words(s.number()),
                    local.length() > SHORT ? words(local) : List.of(),
                    Set.copyOf(name),
                    name.isEmpty() ? "" : name.get(name.size() - 1));
        }

        boolean hasEmail(String stem) {
            return !student.email().isEmpty() && stem.contains(student.email().toLowerCase(Locale.ROOT));
        }
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
            String plain = stem.toLowerCase(Locale.ROOT);
            found = one(s -> s.hasEmail(plain) || stands(squeezed, s.local()), "goes by an e-mail address");
        }
        if (found == null) {
            found = one(s -> s.name().size() > 1 && words.containsAll(s.name()), "has the whole name");
        }
        if (found == null) {
            Owner part = one(s -> words.contains(s.last()), "has only the family name");
            found = part == null ? null : new Owner(part.student(), part.reason(), false);
        }
        if (found == null) {
            Owner part = one(s -> s.name().stream().anyMatch(words::contains), "has only part of the name");
            found = part == null ? null : new Owner(part.student(), part.reason(), false);
        }
        return found == null
                ? new Owner(null, "No number, e-mail address or name of the roster is in it.", false)
                : found;
    }

    /** The one student who fits; nobody for sure where several do; null where none does. */
    private @Nullable Owner one(Predicate<Known> fits, String reason) {
        List<Student> found = students.stream().filter(fits).map(Known::student).toList();
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

    private static boolean stands(String squeezed, List<String> words) {
        return !words.isEmpty() && squeezed.contains(" " + String.join(" ", words) + " ");
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
