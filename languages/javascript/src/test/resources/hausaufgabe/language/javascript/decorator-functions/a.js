'use strict';

function plain(route) {
  return { price: () => 12, text: () => `crossing ${route}` };
}

const withBicycle = (inner) => ({
  price: () => inner.price() + 3,
  text: () => inner.text() + ', bicycle',
});

const withMeal = (inner, meal) => ({
  price: () => inner.price() + (meal === 'big' ? 11 : 7),
  text: () => `${inner.text()}, ${meal} meal`,
});

const reduced = (inner, percent) => ({
  price() {
    return Math.round(inner.price() * (100 - percent)) / 100;
  },
  text() {
    return inner.text() + ' (reduced)';
  },
});

const t = reduced(withMeal(withBicycle(plain('Island')), 'big'), 50);
console.log(t.text(), t.price());
