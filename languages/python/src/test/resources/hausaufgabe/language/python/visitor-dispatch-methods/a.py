from functools import singledispatchmethod

class Num:
    def __init__(self, n): self.n = n
    def accept(self, v): return v.visit(self)

class Add:
    def __init__(self, l, r): self.l, self.r = l, r
    def accept(self, v): return v.visit(self)

class Eval:
    @singledispatchmethod
    def visit(self, e):
        raise TypeError(type(e))
    @visit.register
    def _(self, e: Num):
        return e.n
    @visit.register
    def _(self, e: Add):
        return e.l.accept(self) + e.r.accept(self)

class Show:
    @singledispatchmethod
    def visit(self, e):
        raise TypeError(type(e))
    @visit.register
    def _(self, e: Num):
        return str(e.n)
    @visit.register
    def _(self, e: Add):
        return f"({e.l.accept(self)} + {e.r.accept(self)})"

e = Add(Num(2), Add(Num(3), Num(4)))
print(e.accept(Eval()), e.accept(Show()))
