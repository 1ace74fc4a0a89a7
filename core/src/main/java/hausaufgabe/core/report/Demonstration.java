package hausaufgabe.core.report;

import java.util.List;

/**
 * What a program does when it is started as its own demonstration.
 *
 * @param starts names of the types it was started with
 * @param calls who made and called whom, of what plays a role; the demonstration itself is nobody
 */
public record Demonstration(List<String> starts, CallSequence calls) {}
