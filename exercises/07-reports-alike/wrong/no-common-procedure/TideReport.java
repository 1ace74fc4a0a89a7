package report;

public class TideReport extends Report {

    @Override
    public String print() {
        StringBuilder out = new StringBuilder();
        out.append("Tides").append('\n');
        for (String line : java.util.List.of("06:12 high", "12:31 low")) {
            out.append("- ").append(line).append('\n');
        }
        return out.toString();
    }
}
