package reports;

import java.util.ArrayList;
import java.util.List;

public class CustomsReport extends Report {
    private final List<String> goods = new ArrayList<>();

    public void declare(String item) {
        goods.add(item);
    }

    @Override
    protected String header() {
        return "Customs (" + goods.size() + ")";
    }

    @Override
    protected Iterable<String> lines() {
        return goods;
    }

    @Override
    protected void appendFooter(StringBuilder out) {
        out.append("signed: harbour school");
    }
}
