'use strict';
const entries = [];
module.exports = Object.freeze({
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
