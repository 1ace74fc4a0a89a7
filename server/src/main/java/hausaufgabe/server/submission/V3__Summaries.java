package hausaufgabe.server.submission;

import com.fasterxml.jackson.core.JsonProcessingException;
import hausaufgabe.checking.Json;
import hausaufgabe.core.report.CheckReport;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.stereotype.Component;

/** Works out what lists need of the reports that were there before lists had columns of their own. */
@Component
class V3__Summaries extends BaseJavaMigration {

    private static final String UPDATE = "update check_run set compiled = ?, verdict = ?, form = ?, earned = ?,"
            + " possible = ?, open_claims = ?, marks = ?, items = ? where id = ?";

    @Override
    public void migrate(Context context) throws SQLException {
        try (Statement all = context.getConnection().createStatement();
                ResultSet runs = all.executeQuery("select id, report from check_run where report is not null");
                PreparedStatement update = context.getConnection().prepareStatement(UPDATE)) {
            while (runs.next()) {
                write(runs.getLong(1), runs.getString(2), update);
            }
        }
    }

    private static void write(long id, String report, PreparedStatement update) throws SQLException {
        try {
            Summary s = Summary.of(Json.mapper().readValue(report, CheckReport.class), List.of());
            update.setBoolean(1, s.compiled());
            update.setString(2, s.verdict().name());
            update.setString(3, s.form());
            update.setDouble(4, s.earned());
            update.setDouble(5, s.possible());
            update.setInt(6, s.openClaims());
            update.setString(7, s.marksAsJson());
            update.setString(8, s.itemsAsJson());
            update.setLong(9, id);
            update.executeUpdate();
        } catch (JsonProcessingException e) {
            // a report that can no longer be read: the submission can be checked again
        }
    }
}
