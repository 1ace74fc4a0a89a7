'use strict';
const entries = [];
const log = Object.freeze({
  write(text) {
    entries.push(`${entries.length + 1} ${text}`);
  },
  all() {
    return [...entries];
  },
  get size() {
    return entries.length;
  },
});
module.exports = log;
