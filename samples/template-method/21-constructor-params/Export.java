abstract class Export {
    private final String titel;

    protected Export(String titel) {
        this.titel = titel;
    }

    public void schreibe(Appendable out) throws java.io.IOException {
        kopf(out, titel);
        int n = zeilen();
        for (int i = 0; i < n; i++) this.zeile(out, i);
        fuss(out);
    }

    protected void kopf(Appendable out, String t) throws java.io.IOException {
        out.append(t);
    }

    protected abstract int zeilen();

    protected abstract void zeile(Appendable out, int i) throws java.io.IOException;

    protected void fuss(Appendable out) throws java.io.IOException {}
}

class CsvExport extends Export {
    CsvExport() {
        super("csv");
    }

    protected int zeilen() {
        return 3;
    }

    protected void zeile(Appendable out, int i) throws java.io.IOException {
        out.append(i + ";");
    }
}

class HtmlExport extends Export {
    HtmlExport() {
        super("<html>");
    }

    protected int zeilen() {
        return 2;
    }

    protected void zeile(Appendable out, int i) throws java.io.IOException {
        out.append("<p>" + i);
    }

    @Override
    protected void fuss(Appendable out) throws java.io.IOException {
        out.append("</html>");
    }
}
