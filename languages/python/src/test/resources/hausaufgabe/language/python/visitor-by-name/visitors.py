class NodeVisitor:
    """Calls visit_<class name> for a node."""

    def visit(self, node):
        method = getattr(self, "visit_" + type(node).__name__, self.generic_visit)
        return method(node)

    def generic_visit(self, node):
        raise NotImplementedError("no visit_" + type(node).__name__)


class Html(NodeVisitor):
    def visit_Text(self, node):
        return node.words.replace("&", "&amp;")

    def visit_Bold(self, node):
        return "<b>" + self.visit(node.inner) + "</b>"

    def visit_Paragraph(self, node):
        return "<p>" + "".join(self.visit(p) for p in node.parts) + "</p>"


class WordCount(NodeVisitor):
    def visit_Text(self, node):
        return len(node.words.split())

    def visit_Bold(self, node):
        return self.visit(node.inner)

    def visit_Paragraph(self, node):
        return sum(self.visit(p) for p in node.parts)
