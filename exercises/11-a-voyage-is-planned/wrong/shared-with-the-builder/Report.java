import java.util.ArrayList;
import java.util.List;

class Report {
    final List<String> lines = new ArrayList<>();
}

class ReportBuilder {
    private final Report report = new Report();

    ReportBuilder title(String t) {
        report.lines.add("# " + t);
        return this;
    }

    ReportBuilder line(String l) {
        report.lines.add(l);
        return this;
    }

    Report build() {
        return report;
    }
}

class Secretary {
    Report daily() {
        return new ReportBuilder().title("Day").line("calm").build();
    }
}
