interface ExprVisitor<R> {
  visitNumber(e: NumberExpr): R;
  visitBinary(e: BinaryExpr): R;
  visitNegate(e: NegateExpr): R;
}

abstract class Expr {
  abstract accept<R>(visitor: ExprVisitor<R>): R;
}

class NumberExpr extends Expr {
  constructor(readonly value: number) { super(); }
  accept<R>(visitor: ExprVisitor<R>): R { return visitor.visitNumber(this); }
}

class BinaryExpr extends Expr {
  constructor(readonly op: '+' | '*', readonly left: Expr, readonly right: Expr) { super(); }
  accept<R>(visitor: ExprVisitor<R>): R { return visitor.visitBinary(this); }
}

class NegateExpr extends Expr {
  constructor(readonly inner: Expr) { super(); }
  accept<R>(visitor: ExprVisitor<R>): R { return visitor.visitBinary(this as unknown as BinaryExpr); }
}

class Evaluator implements ExprVisitor<number> {
  visitNumber(e: NumberExpr): number { return e.value; }
  visitBinary(e: BinaryExpr): number {
    const l = e.left.accept(this), r = e.right.accept(this);
    return e.op === '+' ? l + r : l * r;
  }
  visitNegate(e: NegateExpr): number { return -e.inner.accept(this); }
}

class Printer implements ExprVisitor<string> {
  visitNumber(e: NumberExpr): string { return String(e.value); }
  visitBinary(e: BinaryExpr): string { return `(${e.left.accept(this)} ${e.op} ${e.right.accept(this)})`; }
  visitNegate(e: NegateExpr): string { return `-${e.inner.accept(this)}`; }
}

const e = new BinaryExpr('+', new NumberExpr(2), new NegateExpr(new BinaryExpr('*', new NumberExpr(3), new NumberExpr(4))));
console.log(e.accept(new Printer()), e.accept(new Evaluator()));
