package hausaufgabe.server.account;

import java.util.Optional;

/** Things that belong to a course and are asked for by their number: the part of the address {@code /api/KIND/NUMBER}. */
public interface InCourse {

    /** The kind, as the address names it. */
    String kind();

    /** The course that such a thing belongs to; empty where there is none. */
    Optional<Long> courseOf(long number);

    /** The group of the student whom such a thing belongs to; empty where it belongs to no student. */
    default Optional<String> groupOf(long number) {
        return Optional.empty();
    }
}
