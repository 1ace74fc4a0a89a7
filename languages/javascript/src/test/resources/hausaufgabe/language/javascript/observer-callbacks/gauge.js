// Listeners are functions; subscribing gives back what ends it.
class TideGauge {
  constructor() {
    this._listeners = [];
    this._level = 0;
  }

  subscribe(listener) {
    this._listeners.push(listener);
    return () => {
      const at = this._listeners.indexOf(listener);
      if (at >= 0) this._listeners.splice(at, 1);
    };
  }

  set level(value) {
    this._level = value;
    this._listeners.forEach((listener) => listener(value));
  }

  get level() {
    return this._level;
  }
}

const gauge = new TideGauge();
const seen = [];
const stop = gauge.subscribe((level) => seen.push(level));
gauge.subscribe((level) => {
  if (level > 3) console.log('flood at', level);
});
gauge.level = 2;
gauge.level = 4;
stop();
gauge.level = 5;
console.log(seen);

module.exports = TideGauge;
