import java.util.Arrays;
import java.util.List;

abstract class Document {
    private final String id;

    Document(String id) {
        this.id = id;
    }

    String id() {
        return id;
    }

    abstract void accept(DocumentVisitor v);
}

class Invoice extends Document {
    final double total;

    Invoice(String id, double total) {
        super(id);
        this.total = total;
    }

    @Override
    void accept(DocumentVisitor v) {
        v.visit(this);
    }
}

class Licence extends Document {
    final boolean expired;

    Licence(String id, boolean expired) {
        super(id);
        this.expired = expired;
    }

    @Override
    void accept(DocumentVisitor v) {
        v.visit(this);
    }
}

abstract class DocumentVisitor {
    abstract void visit(Invoice i);

    abstract void visit(Licence l);
}

class Stamp extends DocumentVisitor {
    private double duty = 0;

    void visit(Invoice i) {
        duty += i.total * 0.19;
    }

    void visit(Licence l) {
        if (l.expired) {
            throw new IllegalStateException(l.id() + " expired");
        }
    }
}

class Printer extends DocumentVisitor {
    void visit(Invoice i) {
        System.out.println("Invoice " + i.id());
    }

    void visit(Licence l) {
        System.out.println("Licence " + l.id());
    }
}

class Folder {
    private List<Document> documents;

    Folder(Document... documents) {
        this.documents = Arrays.asList(documents);
    }

    void each(DocumentVisitor v) {
        documents.forEach(d -> d.accept(v));
    }
}
