package hausaufgabe.server.git;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Where the repository of a student for an exercise is. */
public record GitAddress(long exercise, long student) {

    /** What the paths of all repositories begin with. */
    static final String ROOT = "/git/";

    private static final Pattern NAME = Pattern.compile("([0-9]{1,18})/([0-9]{1,18})(?:\\.git)?");

    /** The path at this server. */
    public String path() {
        return ROOT + exercise + "/" + student + ".git";
    }

    /** The address that a name below the root means; empty where it can be none. */
    static Optional<GitAddress> of(String name) {
        Matcher m = NAME.matcher(name);
        return m.matches()
                ? Optional.of(new GitAddress(Long.parseLong(m.group(1)), Long.parseLong(m.group(2))))
                : Optional.empty();
    }
}
