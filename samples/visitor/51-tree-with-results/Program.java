import java.util.*;

interface Expr {
    <R> R accept(ExprVisitor<R> v);
}

interface ExprVisitor<R> {
    R num(Num n);

    R sum(Sum s);

    R neg(Neg n);
}

record Num(double value) implements Expr {
    public <R> R accept(ExprVisitor<R> v) {
        return v.num(this);
    }
}

record Sum(Expr left, Expr right) implements Expr {
    public <R> R accept(ExprVisitor<R> v) {
        return v.sum(this);
    }
}

record Neg(Expr of) implements Expr {
    public <R> R accept(ExprVisitor<R> v) {
        return v.neg(this);
    }
}

class Value implements ExprVisitor<Double> {
    public Double num(Num n) {
        return n.value();
    }

    public Double sum(Sum s) {
        return s.left().accept(this) + s.right().accept(this);
    }

    public Double neg(Neg n) {
        return -n.of().accept(this);
    }
}

class Text implements ExprVisitor<String> {
    public String num(Num n) {
        return "" + n.value();
    }

    public String sum(Sum s) {
        return s.left().accept(this) + "+" + s.right().accept(this);
    }

    public String neg(Neg n) {
        return "-" + n.of().accept(this);
    }
}
