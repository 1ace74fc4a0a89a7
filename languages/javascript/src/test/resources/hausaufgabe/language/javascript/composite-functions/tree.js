'use strict';
function file(name, bytes) {
  return {
    name,
    size: () => bytes,
    list: (indent = '') => [`${indent}${name} (${bytes})`],
  };
}

function folder(name) {
  const children = [];
  return {
    name,
    add(child) {
      if (children.some((c) => c.name === child.name)) throw new Error(`${child.name} is there already`);
      children.push(child);
      return this;
    },
    remove(wanted) {
      const i = children.findIndex((c) => c.name === wanted);
      return i < 0 ? undefined : children.splice(i, 1)[0];
    },
    size: () => children.reduce((sum, c) => sum + c.size(), 0),
    list: (indent = '') => [`${indent}${name}/`, ...children.flatMap((c) => c.list(indent + '  '))],
  };
}

const root = folder('harbour')
  .add(folder('logs').add(file('may.txt', 120)).add(file('june.txt', 80)))
  .add(file('map.png', 4000));
console.log(root.list().join('\n'));
console.log(root.size());
