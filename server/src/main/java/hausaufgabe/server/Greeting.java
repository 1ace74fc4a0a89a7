package hausaufgabe.server;

import java.util.List;

/** Something to be told at the terminal once the server runs, such as a first password. */
public interface Greeting {

    /** @param address where the application is found */
    List<String> lines(String address);
}
