package hausaufgabe.server.keeping;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;

import hausaufgabe.server.Harbour;
import hausaufgabe.server.ServerTest;
import hausaufgabe.server.course.Student;
import java.time.OffsetDateTime;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.MockMvc;

/** What is let go of after a while, and what never is. */
@ServerTest
class RetentionTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private Harbour harbour;

    @Autowired
    private JdbcTemplate records;

    @Autowired
    private Retention retention;

    private int count(String what) {
        return records.queryForObject("select count(*) from " + what, Integer.class);
    }

    @Test
    void whatNobodyNeedsGoesAndWorkStays() throws Exception {
        Harbour.Place place = harbour.place(new Student(0, "1", "Fenja Kogge", "A"));
        harbour.handedIn(http, harbour.signedIn(http, "maike"), place);
        OffsetDateTime old = OffsetDateTime.now().minusDays(400);
        records.update("update content set stored_at = ?", old);
        int work = count("submission");
        for (String hash : new String[] {"left", "forgotten"}) {
            records.update("insert into content (hash, bytes, stored_at) values (?, X'00', ?)", hash, old);
        }
        records.update(
                "insert into pile (exercise_id, name, uploaded_by, uploaded_at) values (?, 'old.zip', ?, ?)",
                place.exercise(),
                harbour.lead.id(),
                old);
        records.update(
                "insert into pile (exercise_id, name, uploaded_by, uploaded_at) values (?, 'new.zip', ?, now())",
                place.exercise(),
                harbour.lead.id());
        for (String pile : new String[] {"old.zip", "new.zip"}) {
            records.update(
                    "insert into pile_piece (pile_id, place, name, reason, doubtful, left_out, source_hash, files)"
                            + " select id, 1, 'x', '', false, false, ?, 1 from pile where name = ?",
                    pile.equals("old.zip") ? "left" : "forgotten",
                    pile);
        }
        records.update(
                "insert into sign_in_attempt (login, address, tried_at, success) values ('x', 'y', ?, true)", old);

        retention.tidy();

        assertEquals(0, count("pile where name = 'old.zip'"));
        assertEquals(1, count("pile where name = 'new.zip'"));
        assertEquals(0, count("content where hash = 'left'"));
        assertEquals(1, count("content where hash = 'forgotten'"), "the pile that holds it is new");
        assertEquals(0, count("sign_in_attempt where login = 'x'"));
        assertNotEquals(0, count("sign_in_attempt where login = 'maike'"));
        assertEquals(work, count("submission s join content c on c.hash = s.source_hash"));
    }
}
