from a import protokoll

protokoll.schreibe("Flut")
print(len(protokoll.zeilen))
