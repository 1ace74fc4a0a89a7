class Node:
    def children(self):
        return []


class Text(Node):
    def __init__(self, words):
        self.words = words


class Bold(Node):
    def __init__(self, inner):
        self.inner = inner

    def children(self):
        return [self.inner]


class Paragraph(Node):
    def __init__(self, *parts):
        self.parts = list(parts)

    def children(self):
        return list(self.parts)
