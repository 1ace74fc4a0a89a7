package reports;

public abstract class Report {

    public final String print() {
        StringBuilder out = new StringBuilder();
        out.append(header()).append('\n');
        for (String line : lines()) {
            out.append("- ").append(line).append('\n');
        }
        return out.toString();
    }

    protected abstract String header();

    protected abstract Iterable<String> lines();

    protected void appendFooter(StringBuilder out) {}
}
