package hausaufgabe.core.matching.judgement;

import hausaufgabe.core.design.Span;
import hausaufgabe.core.report.Evidence;
import hausaufgabe.core.report.Sentence;
import hausaufgabe.core.report.Status;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What was found when something was asked.
 *
 * @param share how much of it holds, from 0 to 1
 * @param why said in the submission's own names
 * @param evidence the places it rests on
 */
public record Judgement(Status status, double share, Sentence why, List<Evidence> evidence) {

    public static Judgement met(Sentence why, List<Evidence> evidence) {
        return new Judgement(Status.MET, 1, why, evidence);
    }

    public static Judgement unmet(Sentence why, List<Evidence> evidence) {
        return new Judgement(Status.UNMET, 0, why, evidence);
    }

    public static Judgement unclear(Sentence why, List<Evidence> evidence) {
        return new Judgement(Status.UNCLEAR, 0.5, why, evidence);
    }

    public static Judgement answer(boolean yes, Sentence met, Sentence unmet, List<Evidence> evidence) {
        return yes ? met(met, evidence) : unmet(unmet, evidence);
    }

    public boolean is(Status s) {
        return status == s;
    }

    /** The other way round, for what is forbidden. */
    public Judgement forbidden() {
        return switch (status) {
            case MET, PARTLY -> new Judgement(Status.UNMET, 0, why, evidence);
            case UNMET -> new Judgement(Status.MET, 1, why, evidence);
            default -> this;
        };
    }

    public static Evidence at(Span span, String note) {
        return new Evidence(span.file(), span.line(), span.endLine(), note);
    }

    /** Evidence where there is a place; a library's types have none. */
    public static List<Evidence> places(@Nullable Span span, String note) {
        return span == null ? List.of() : List.of(at(span, note));
    }

    public static List<Evidence> join(List<Judgement> all) {
        List<Evidence> evidence = new ArrayList<>();
        all.forEach(
                j -> j.evidence().stream().filter(e -> !evidence.contains(e)).forEach(evidence::add));
        return List.copyOf(evidence);
    }
}
