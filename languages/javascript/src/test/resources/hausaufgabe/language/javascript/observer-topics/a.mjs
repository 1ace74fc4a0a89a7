export class Bus {
  #topics = new Map();
  on(topic, fn) {
    if (!this.#topics.has(topic)) this.#topics.set(topic, new Set());
    this.#topics.get(topic).add(fn);
    return () => this.off(topic, fn);
  }
  off(topic, fn) {
    this.#topics.get(topic)?.delete(fn);
  }
  publish(topic, data) {
    for (const fn of this.#topics.get(topic) ?? []) {
      fn(data);
    }
  }
}
const bus = new Bus();
const got = [];
const stop = bus.on("tide", (d) => got.push(d));
bus.on("tide", console.log);
bus.publish("tide", 3);
stop();
bus.publish("tide", 4);
console.log(got);
