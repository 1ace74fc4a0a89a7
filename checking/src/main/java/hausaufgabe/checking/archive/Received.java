package hausaufgabe.checking.archive;

import java.util.List;

/**
 * What was read of an upload.
 *
 * @param leftOut in the order of their paths
 */
public record Received(Upload upload, List<LeftOut> leftOut) {

    public Received {
        leftOut = List.copyOf(leftOut);
    }
}
