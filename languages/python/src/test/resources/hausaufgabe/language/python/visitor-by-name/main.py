from nodes import Bold, Paragraph, Text
from visitors import Html, WordCount

page = Paragraph(Text("The ferry leaves at "), Bold(Text("seven")), Text(" & returns at nine"))
print(Html().visit(page))
print(WordCount().visit(page))
