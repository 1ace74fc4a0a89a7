package report;

import java.util.ArrayList;
import java.util.List;

public class CustomsReport extends Report {

    private final List<String> goods = new ArrayList<>();

    public void declare(String item) {
        goods.add(item);
    }

    @Override
    public String print() {
        StringBuilder out = new StringBuilder();
        out.append("Customs (" + goods.size() + ")").append('\n');
        for (String line : goods) {
            out.append("- ").append(line).append('\n');
        }
        out.append("signed: harbour school");
        return out.toString();
    }
}
