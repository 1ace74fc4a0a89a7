RULES = {
    "metre": lambda length, nights: 2.5 * length * nights,
    "flat": lambda length, nights: 18 * nights,
    "winter": lambda length, nights: max(10, length) * nights,
}


class Marina:
    def __init__(self, rule):
        self.rule = rule
        self.guests = []

    def set_rule(self, rule):
        self.rule = rule

    def stay(self, boat, length, nights):
        self.guests.append(boat)
        return self.rule(length, nights)


if __name__ == "__main__":
    m = Marina(RULES["metre"])
    print(m.stay("Anna", 9, 2))
    m.set_rule(RULES["flat"])
    print(m.stay("Bo", 7, 1))
