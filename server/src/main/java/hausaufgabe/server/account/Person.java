package hausaufgabe.server.account;

import java.io.Serializable;

/**
 * Somebody who can sign in, without the password. Also what a session knows of who is signed in.
 *
 * @param epoch goes up whenever sessions that began before are to end
 */
public record Person(long id, String login, String name, Role role, int epoch) implements Serializable {

    /** A duty; what it allows stands in {@link Right}. */
    public enum Role {
        LEAD,
        TUTOR,
        STUDENT
    }
}
