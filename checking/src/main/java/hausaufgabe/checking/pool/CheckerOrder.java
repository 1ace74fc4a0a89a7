package hausaufgabe.checking.pool;

import com.fasterxml.jackson.annotation.JsonInclude;
import hausaufgabe.checking.CheckRequest;
import hausaufgabe.core.language.SourceFile;
import java.util.List;

/**
 * What a checker is asked for; just one of the two is set. Between processes each is a line.
 *
 * @param check a check to be made
 * @param outline sources of which it is to say what they declare
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record CheckerOrder(CheckRequest check, List<SourceFile> outline) {}
