public abstract class Expr {
    public abstract <T> T apply(Cases<T> c);

    public interface Cases<T> {
        T num(Num n);

        T add(Add a);

        T neg(Neg n);
    }

    public static final class Num extends Expr {
        final int v;

        public Num(int v) {
            this.v = v;
        }

        @Override
        public <T> T apply(Cases<T> c) {
            return c.num(this);
        }
    }

    public static final class Add extends Expr {
        final Expr l, r;

        public Add(Expr l, Expr r) {
            this.l = l;
            this.r = r;
        }

        @Override
        public <T> T apply(Cases<T> c) {
            return c.add(this);
        }
    }

    public static final class Neg extends Expr {
        final Expr e;

        public Neg(Expr e) {
            this.e = e;
        }

        @Override
        public <T> T apply(Cases<T> c) {
            return c.neg(this);
        }
    }
}

class Eval implements Expr.Cases<Integer> {
    public Integer num(Expr.Num n) {
        return n.v;
    }

    public Integer add(Expr.Add a) {
        return a.l.apply(this) + a.r.apply(this);
    }

    public Integer neg(Expr.Neg n) {
        return -n.e.apply(this);
    }
}

class Show implements Expr.Cases<String> {
    public String num(Expr.Num n) {
        return "" + n.v;
    }

    public String add(Expr.Add a) {
        return "(" + a.l.apply(this) + "+" + a.r.apply(this) + ")";
    }

    public String neg(Expr.Neg n) {
        return "-" + n.e.apply(this);
    }
}
