package hausaufgabe.server.account;

import java.io.Serializable;

/** A member of staff, without the password. Also what a session knows of who is signed in. */
public record Staff(long id, String login, String name, Role role) implements Serializable {

    /** What somebody may do. In this version both may do all there is. */
    public enum Role {
        LEAD,
        TUTOR
    }
}
