'use strict';
const entries = [];
function write(text) {
  entries.push(`${entries.length + 1} ${text}`);
}
function all() {
  return [...entries];
}
module.exports = { write, all };
