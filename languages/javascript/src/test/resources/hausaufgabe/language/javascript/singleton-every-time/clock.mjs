export class Clock {
  static #instance = null;

  static get() {
    const clock = new Clock();
    Clock.#instance = clock;
    return clock;
  }

  now() {
    return "12:00";
  }
}

console.log(Clock.get().now());
