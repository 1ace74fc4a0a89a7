type Rule = (kg: number) => number;
const rules: Record<string, Rule> = {
  letter: (kg) => 2 + kg,
  parcel: (kg) => 5 + kg * 1.5,
};
class Counter {
  constructor(private rule: Rule) {}
  use(name: keyof typeof rules): void {
    const rule = rules[name];
    if (!rule) throw new Error(`no rule ${String(name)}`);
    this.rule = rule;
  }
  price(kg: number): string { return this.rule(kg).toFixed(2); }
}
const c = new Counter(rules["letter"]!);
console.log(c.price(3));
c.use("parcel");
console.log(c.price(3));
