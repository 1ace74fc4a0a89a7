class ConsoleLogger {
  constructor(prefix) { this.prefix = prefix; this.count = 0; }
  info(text) { this.count++; console.log(`${this.prefix} ${text}`); }
  total() { return this.count; }
}
const nullLogger = Object.freeze({ info() {}, total: () => 0 });
class Crane {
  constructor(logger = nullLogger) { this.logger = logger; this.load = 0; }
  lift(kg) {
    if (kg < 0) throw new RangeError("weight");
    this.load += kg;
    this.logger.info(`lifted ${kg}`);
    return this.load;
  }
  report() { return `${this.load} kg, ${this.logger.total()} lines`; }
}
const a = new Crane(new ConsoleLogger("[crane]"));
a.lift(20);
const b = new Crane();
b.lift(5);
console.log(a.report(), b.report());
