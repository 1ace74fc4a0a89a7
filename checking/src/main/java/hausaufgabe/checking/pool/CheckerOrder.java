package hausaufgabe.checking.pool;

import com.fasterxml.jackson.annotation.JsonInclude;
import hausaufgabe.checking.CheckRequest;
import hausaufgabe.core.language.SourceFile;
import java.util.List;

/**
 * What a checker process is asked for, one line each; just one of the two is set.
 *
 * @param check a check to be made
 * @param outline sources of which it is to say what they declare
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
record CheckerOrder(CheckRequest check, List<SourceFile> outline) {}
