'use strict';
const log = require('./log');

class Crane {
  constructor(name) {
    this.name = name;
  }
  lift(tons) {
    if (tons > 50) throw new Error('too heavy');
    log.write(`${this.name} lifts ${tons}`);
  }
}
module.exports = { Crane };
