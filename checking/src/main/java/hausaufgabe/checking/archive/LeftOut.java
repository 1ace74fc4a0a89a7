package hausaufgabe.checking.archive;

/**
 * A file, or a folder with all that is in it, that came with an upload and is no part of what counts.
 *
 * @param path a folder's ends with {@code /}
 * @param why in words for whoever uploaded it
 */
public record LeftOut(String path, String why) {}
