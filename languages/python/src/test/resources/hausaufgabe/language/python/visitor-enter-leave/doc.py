from abc import ABC, abstractmethod


class Node(ABC):
    @abstractmethod
    def accept(self, visitor): ...


class Leaf(Node):
    def __init__(self, text):
        self.text = text

    def accept(self, visitor):
        visitor.visit_leaf(self)


class Chapter(Node):
    def __init__(self, title, *nodes):
        self.title = title
        self.nodes = nodes

    def accept(self, visitor):
        visitor.enter_chapter(self)
        for n in self.nodes:
            n.accept(visitor)
        visitor.leave_chapter(self)


class Table(Node):
    def __init__(self, rows):
        self.rows = rows

    def accept(self, visitor):
        visitor.visit_table(self)


class Visitor:
    def visit_leaf(self, leaf): pass

    def visit_table(self, table): pass

    def enter_chapter(self, chapter): pass

    def leave_chapter(self, chapter): pass


class Outline(Visitor):
    def __init__(self):
        self.depth = 0
        self.lines = []

    def enter_chapter(self, chapter):
        self.lines.append("  " * self.depth + chapter.title)
        self.depth += 1

    def leave_chapter(self, chapter):
        self.depth -= 1


class Words(Visitor):
    def __init__(self):
        self.count = 0

    def visit_leaf(self, leaf):
        self.count += len(leaf.text.split())

    def visit_table(self, table):
        self.count += sum(len(r) for r in table.rows)


if __name__ == "__main__":
    doc = Chapter("Harbour", Leaf("ships come and go"), Chapter("Fees", Table([["yacht", "12"], ["ferry", "140"]])))
    o, w = Outline(), Words()
    doc.accept(o)
    doc.accept(w)
    print(o.lines, w.count)
