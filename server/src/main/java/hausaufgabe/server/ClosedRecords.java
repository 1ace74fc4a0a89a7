package hausaufgabe.server;

import com.zaxxer.hikari.SQLExceptionOverride;
import java.sql.SQLException;

/** A connection to records that closed themselves, since the disk was full, is never used again: the next one opens them anew. */
public final class ClosedRecords implements SQLExceptionOverride {

    @java.lang.Override
    public Override adjudicate(SQLException e) {
        return Problems.isOfTheDisk(e) ? Override.MUST_EVICT : Override.CONTINUE_EVICT;
    }
}
