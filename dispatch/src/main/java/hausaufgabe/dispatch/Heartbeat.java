package hausaufgabe.dispatch;

import java.util.Set;

/**
 * A worker's sign of life.
 *
 * @param id of this run of it
 * @param name what people call it
 * @param version of its program
 * @param size how many checks it makes at a time; 0 says goodbye
 * @param hands the checks that it is making
 * @param made how many it has made
 * @param here whether it is in the server's own process
 */
record Heartbeat(String id, String name, String version, int size, Set<String> hands, long made, boolean here) {}
