import java.util.ArrayList;
import java.util.List;

abstract class Document {
    abstract int pages();
}

class Letter extends Document {
    private final int pages;

    Letter(int pages) {
        this.pages = pages;
    }

    int pages() {
        return pages;
    }
}

class Folder extends Document {
    private final List<Document> inside = new ArrayList<>();

    void file(Document d) {
        inside.add(d);
    }

    int pages() {
        int sum = 1;
        for (int i = 1; i < inside.size(); i++) {
            sum += inside.get(i).pages();
        }
        return sum;
    }
}
