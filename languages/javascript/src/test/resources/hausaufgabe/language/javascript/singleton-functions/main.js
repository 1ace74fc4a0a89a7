'use strict';
const log = require('./log');
const { Crane } = require('./crane');

log.write('morning');
new Crane('K1').lift(20);
console.log(log.all(), log.size);
