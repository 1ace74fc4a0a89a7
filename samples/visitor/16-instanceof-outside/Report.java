import java.util.List;

interface Shape {
    double area();
}

class Round implements Shape {
    double r = 2;

    public double area() {
        return Math.PI * r * r;
    }
}

class Square implements Shape {
    double a = 3;

    public double area() {
        return a * a;
    }
}

interface ShapeVisitor {
    void visit(Shape s);
}

class PaintVisitor implements ShapeVisitor {
    double litres;

    public void visit(Shape s) {
        if (s instanceof Round round) {
            litres += round.r;
        } else if (s instanceof Square square) {
            litres += square.a / 2;
        }
    }

    void all(List<Shape> shapes) {
        for (Shape s : shapes) {
            visit(s);
        }
    }
}
