package hausaufgabe.server.reading;

import hausaufgabe.server.account.Accounts;
import hausaufgabe.server.account.Duty;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.course.Sight;
import hausaufgabe.server.course.Staffing;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Those who mark in a course, with whom they see. */
@Component
class MarkingStaff {

    private final Staffing staffing;
    private final Accounts accounts;

    MarkingStaff(Staffing staffing, Accounts accounts) {
        this.staffing = staffing;
        this.accounts = accounts;
    }

    /** @param groups the groups they look after */
    record Marker(long account, String name, List<String> groups, Sight sight) {

        boolean sees(Work.Piece piece) {
            return sight.everybody() || groups.contains(piece.group());
        }
    }

    /** By account, those who lead first. */
    Map<Long, Marker> of(long course) {
        Map<Long, Marker> markers = new LinkedHashMap<>();
        for (Staffing.Member m : staffing.of(course)) {
            if (m.duty() == Duty.LEAD || m.duty() == Duty.TUTOR) {
                accounts.person(m.account()).map(p -> marker(p, course, m)).ifPresent(x -> markers.put(x.account(), x));
            }
        }
        return markers;
    }

    private Marker marker(Person person, long course, Staffing.Member m) {
        return new Marker(person.id(), m.name(), m.groups(), staffing.sight(person, course));
    }
}
