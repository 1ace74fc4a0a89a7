package hausaufgabe.core.matching.judgement;

import hausaufgabe.core.design.Type;
import hausaufgabe.core.notation.DesignPattern.Condition;
import hausaufgabe.core.report.Sentence;
import hausaufgabe.core.report.Status;
import java.util.List;

/** Makes one judgement of those about each of several. */
public final class Quantities {
    private final Wording words;

    public Quantities(Wording words) {
        this.words = words;
    }

    /** @param subjects the types judged, where types were */
    public Judgement judge(Condition condition, List<Judgement> each, List<Type> subjects) {
        return switch (condition.quantity()) {
            case EVERY -> every(each);
            case SOME -> some(each);
            case NO -> some(each).forbidden();
            case AT_LEAST -> counted(condition, each, subjects, condition.count(), Integer.MAX_VALUE);
            case AT_MOST -> counted(condition, each, subjects, 0, condition.count());
            case EXACTLY -> counted(condition, each, subjects, condition.count(), condition.count());
        };
    }

    private static Judgement every(List<Judgement> each) {
        if (each.size() == 1) {
            return each.get(0);
        }
        long met = each.stream().filter(j -> j.is(Status.MET)).count();
        List<Judgement> not = each.stream().filter(j -> !j.is(Status.MET)).toList();
        if (not.isEmpty()) {
            return Judgement.met(each.get(0).why(), Judgement.join(each));
        }
        boolean onlyUnclear = not.stream().allMatch(j -> j.is(Status.UNCLEAR));
        Sentence why =
                Sentence.words(met + " of " + each.size() + ".").then(not.get(0).why());
        Status status = onlyUnclear ? Status.UNCLEAR : met == 0 ? Status.UNMET : Status.PARTLY;
        return new Judgement(status, (double) met / each.size(), why, Judgement.join(not));
    }

    public Judgement some(List<Judgement> each) {
        for (Status s : List.of(Status.MET, Status.UNCLEAR, Status.PARTLY)) {
            List<Judgement> such = each.stream().filter(j -> j.is(s)).toList();
            if (!such.isEmpty()) {
                return new Judgement(s, such.get(0).share(), such.get(0).why(), Judgement.join(such));
            }
        }
        return each.isEmpty()
                ? Judgement.unmet(words.say("There is nothing that could."), List.of())
                : new Judgement(Status.UNMET, 0, each.get(0).why(), Judgement.join(each));
    }

    private Judgement counted(Condition condition, List<Judgement> each, List<Type> subjects, int least, int most) {
        int met = 0;
        int maybe = 0;
        for (int i = 0; i < each.size(); i++) {
            int kinds = i < subjects.size() ? kinds(subjects.get(i)) : 1;
            met += each.get(i).is(Status.MET) ? kinds : 0;
            maybe += each.get(i).is(Status.UNCLEAR) ? kinds : 0;
        }
        if (met >= least && met <= most) {
            return Judgement.met(words.say("There are " + met + "."), Judgement.join(each));
        }
        Sentence why = words.say(
                met == 0 ? "There is none" : met < least ? "There is only " + met : "There are " + met,
                subjects.isEmpty() ? "" : ": ",
                subjects,
                "; " + condition.quantity().words() + " " + condition.count() + " are asked for.");
        boolean couldBe = met < least && met + maybe >= least;
        Status status = couldBe ? Status.UNCLEAR : met == 0 || met > most ? Status.UNMET : Status.PARTLY;
        double share = met > most ? 0 : (double) met / least;
        return new Judgement(status, share, why, Judgement.join(each));
    }

    /** An enum that realises a role is as many as it has constants: each is an object of its own. */
    private static int kinds(Type type) {
        return type.kind() == Type.Kind.ENUM ? Math.max(1, type.constants().size()) : 1;
    }
}
