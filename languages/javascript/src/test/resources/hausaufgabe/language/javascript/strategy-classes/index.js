'use strict';

class Route {
  plan(from, to) {
    throw new Error('plan() must be implemented');
  }
}

class Shortest extends Route {
  plan(from, to) {
    return `${from} -> ${to}`;
  }
}

class ByTheCoast extends Route {
  plan(from, to) {
    return [from, 'cape', to].join(' -> ');
  }
}

class AroundTheShoal extends Route {
  constructor(shoal) {
    super();
    this.shoal = shoal;
  }

  plan(from, to) {
    return `${from} -> (not ${this.shoal}) -> ${to}`;
  }
}

class Pilot {
  constructor(name, route) {
    this.name = name;
    this.route = route;
  }

  choose(route) {
    this.route = route;
    return this;
  }

  guide(ship, from, to) {
    const way = this.route.plan(from, to);
    return `${this.name} takes ${ship}: ${way}`;
  }
}

const pilot = new Pilot('Inken', new Shortest());
console.log(pilot.guide('Seeschwalbe', 'quay 3', 'lock'));
console.log(pilot.choose(new ByTheCoast()).guide('Seeschwalbe', 'quay 3', 'lock'));
console.log(pilot.choose(new AroundTheShoal('Rote Bank')).guide('Seeschwalbe', 'quay 3', 'lock'));

module.exports = { Pilot, Shortest, ByTheCoast, AroundTheShoal };
