package hausaufgabe.checking.pool;

import com.fasterxml.jackson.annotation.JsonInclude;
import hausaufgabe.checking.ProgramOutline;
import hausaufgabe.core.report.CheckReport;

/**
 * What a checker tells; just one of the four is set. Between processes each is a line.
 *
 * @param progress what is being done
 * @param report the end of a check
 * @param outline what sources declare
 * @param failed why there is no report
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record CheckerMessage(String progress, CheckReport report, ProgramOutline outline, String failed) {

    public static CheckerMessage progress(String text) {
        return new CheckerMessage(text, null, null, null);
    }

    public static CheckerMessage report(CheckReport report) {
        return new CheckerMessage(null, report, null, null);
    }

    public static CheckerMessage outline(ProgramOutline outline) {
        return new CheckerMessage(null, null, outline, null);
    }

    public static CheckerMessage failed(String why) {
        return new CheckerMessage(null, null, null, why);
    }
}
