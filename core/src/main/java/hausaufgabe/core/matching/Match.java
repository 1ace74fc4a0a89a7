package hausaufgabe.core.matching;

import hausaufgabe.core.matching.judgement.Binding;
import hausaufgabe.core.notation.DesignPattern;
import hausaufgabe.core.report.Finding;
import hausaufgabe.core.report.NearMatch;
import java.util.List;

/**
 * The best reading of a design as a pattern.
 *
 * @param form the form it comes nearest to
 * @param score how well it fits, to be compared with other bindings of the same pattern
 * @param remarks what is worth saying and does not count
 * @param ambiguous whether another binding fits as well
 * @param alternatives those bindings, best first, said in words
 * @param near types that come nearest to playing one of the roles in another's place
 * @param instances further, separate instances of the pattern that satisfy everything, said in words
 * @param cutShort whether the search stopped before it had looked at everything, so that nothing is certain
 */
public record Match(
        DesignPattern.Form form,
        double score,
        Binding binding,
        List<Finding> findings,
        List<Finding> remarks,
        boolean ambiguous,
        List<String> alternatives,
        List<NearMatch> near,
        List<String> instances,
        boolean cutShort) {}
