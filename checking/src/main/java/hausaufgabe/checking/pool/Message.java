package hausaufgabe.checking.pool;

import com.fasterxml.jackson.annotation.JsonInclude;
import hausaufgabe.core.report.CheckReport;

/**
 * What a checker process tells, one line each; just one of the three is set.
 *
 * @param progress what is being done
 * @param report the end of a check
 * @param failed why there is no report
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
record Message(String progress, CheckReport report, String failed) {

    static Message progress(String text) {
        return new Message(text, null, null);
    }

    static Message report(CheckReport report) {
        return new Message(null, report, null);
    }

    static Message failed(String why) {
        return new Message(null, null, why);
    }
}
