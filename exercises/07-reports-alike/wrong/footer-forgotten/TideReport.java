package reports;

import java.util.List;

public class TideReport extends Report {
    @Override
    protected String header() {
        return "Tides";
    }

    @Override
    protected Iterable<String> lines() {
        return List.of("06:12 high", "12:31 low");
    }
}
