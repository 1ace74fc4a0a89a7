// no class at all: a closure keeps who wants to know
export function createStation() {
  const subscribers = new Map();
  let wind = 0;
  let next = 1;

  function tell() {
    for (const subscriber of subscribers.values()) {
      subscriber(wind);
    }
  }

  return {
    subscribe(subscriber) {
      const id = next++;
      subscribers.set(id, subscriber);
      return id;
    },
    unsubscribe(id) {
      subscribers.delete(id);
    },
    measure(knots) {
      wind = knots;
      tell();
    },
    current: () => wind,
  };
}

const station = createStation();
const log = [];
const id = station.subscribe((w) => log.push(w));
station.subscribe((w) => console.log("wind", w));
station.measure(12);
station.measure(30);
station.unsubscribe(id);
station.measure(5);
console.log(log, station.current());
