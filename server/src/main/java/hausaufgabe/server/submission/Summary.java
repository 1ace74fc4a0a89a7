package hausaufgabe.server.submission;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import hausaufgabe.checking.Json;
import hausaufgabe.core.exercise.Criterion;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.core.report.Finding;
import hausaufgabe.core.report.ScenarioResult;
import hausaufgabe.core.report.Sentence;
import hausaufgabe.core.report.Status;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What lists say of a check report, so that they need not read it.
 *
 * @param form null where no role was found
 * @param openClaims claims and scenarios that the check could not decide
 * @param marks one for each claim and scenario, in the order of the report
 * @param print shared by programs that are equal but for their names; null where that cannot be said
 * @param items those of them that count, with their points, and what a person judges
 */
public record Summary(
        boolean compiled,
        CheckReport.Verdict verdict,
        String form,
        double earned,
        double possible,
        int openClaims,
        List<Mark> marks,
        List<Item> items,
        @Nullable String print) {

    /** A claim or scenario in a list, told by its stroke. */
    public record Mark(String label, Stroke stroke) {}

    /** The five strokes of a verdict. */
    public enum Stroke {
        MET,
        PARTLY,
        MISSING,
        UNCLEAR,
        NOT_APPLICABLE
    }

    /**
     * What points can be given for.
     *
     * @param key outlives a re-check
     * @param proposed points proposed by the check
     * @param open whether the check could not decide it
     * @param near what was there instead, without the names of the submission; null where it is met, or in what was kept
     *     from before there was this
     */
    public record Item(
            String key,
            double proposed,
            double possible,
            boolean open,
            @Nullable String near) {}

    private static final int LONGEST_FORM = 400;
    private static final int LONGEST_LABEL = 300;

    /** @param criteria what a person judges beside the report; its points are open */
    public static Summary of(CheckReport report, List<Criterion> criteria) {
        List<Mark> marks = new ArrayList<>();
        List<Item> items = new ArrayList<>();
        for (Finding f : report.findings()) {
            marks.add(new Mark(cut(f.text().plain(), LONGEST_LABEL), stroke(f.status())));
            if (f.status() != Status.NOT_APPLICABLE) {
                items.add(new Item(
                        keyOf(f),
                        f.earned(),
                        f.possible(),
                        f.status() == Status.UNCLEAR,
                        f.status() == Status.MET ? null : nameless(f.explanation())));
            }
        }
        for (ScenarioResult s : report.scenarios()) {
            marks.add(new Mark(cut(s.name(), LONGEST_LABEL), stroke(s.outcome())));
            items.add(new Item(
                    keyOf(s),
                    s.earned(),
                    s.possible(),
                    s.outcome() == ScenarioResult.Outcome.BLOCKED,
                    s.outcome() == ScenarioResult.Outcome.PASSED ? null : nameless(s.explanation())));
        }
        int undecided = (int) items.stream().filter(Item::open).count();
        criteria.forEach(c -> items.add(new Item("criterion:" + c.id(), 0, c.possible(), true, null)));
        return new Summary(
                report.compiled(),
                report.verdict(),
                report.form() == null ? null : cut(report.form(), LONGEST_FORM),
                items.stream().mapToDouble(Item::proposed).sum(),
                items.stream().mapToDouble(Item::possible).sum(),
                undecided,
                List.copyOf(marks),
                List.copyOf(items),
                report.print());
    }

    /** A sentence with roles in braces in the place of names. */
    private static String nameless(Sentence sentence) {
        String text = sentence.pieces().stream()
                .map(p -> !p.isCode() ? p.text() : p.role() == null ? "…" : "{" + p.role() + "}")
                .collect(Collectors.joining());
        return cut(text.replaceAll("(…|[,;] )+…", "…"), LONGEST_LABEL);
    }

    private static String cut(String text, int most) {
        return text.length() <= most ? text : text.substring(0, most - 1) + "…";
    }

    /** By what the points of a claim are kept. */
    public static String keyOf(Finding finding) {
        return "requirement:" + finding.id();
    }

    /** By what the points of a scenario are kept. */
    public static String keyOf(ScenarioResult scenario) {
        return "scenario:" + scenario.name();
    }

    /** How a claim stands, as it is drawn. */
    public static Stroke stroke(Status status) {
        return switch (status) {
            case MET -> Stroke.MET;
            case PARTLY -> Stroke.PARTLY;
            case UNMET -> Stroke.MISSING;
            case UNCLEAR -> Stroke.UNCLEAR;
            case NOT_APPLICABLE -> Stroke.NOT_APPLICABLE;
        };
    }

    /** How a scenario went, as it is drawn. */
    public static Stroke stroke(ScenarioResult.Outcome outcome) {
        return switch (outcome) {
            case PASSED -> Stroke.MET;
            case FAILED -> Stroke.MISSING;
            case BLOCKED -> Stroke.UNCLEAR;
        };
    }

    String marksAsJson() {
        return json(marks);
    }

    String itemsAsJson() {
        return json(items);
    }

    private static String json(Object value) {
        try {
            return Json.mapper().writeValueAsString(value);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    /** The items as they were kept. */
    public static List<Item> items(String json) {
        try {
            return Json.mapper().readValue(json, new TypeReference<List<Item>>() {});
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }
}
