from gauge import TideGauge
from watchers import Board, Logbook, Siren

gauge = TideGauge("old mole")
board, siren, book = Board(), Siren(), Logbook()
for w in (board, siren, book):
    gauge.attach(w)
gauge.measure(120)
gauge.measure(380)
gauge.detach(siren)
gauge.measure(90)
print(board.lines, siren.howls, book.pages())
