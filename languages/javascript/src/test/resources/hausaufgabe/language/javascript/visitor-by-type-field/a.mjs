class Num {
  constructor(value) { this.type = 'num'; this.value = value; }
}
class Add {
  constructor(left, right) { this.type = 'add'; this.left = left; this.right = right; }
}
class Neg {
  constructor(inner) { this.type = 'neg'; this.inner = inner; }
}

class Walker {
  walk(node) {
    return this[node.type](node);
  }
}

class Evaluate extends Walker {
  num(n) { return n.value; }
  add(a) { return this.walk(a.left) + this.walk(a.right); }
  neg(n) { return -this.walk(n.inner); }
}

class Show extends Walker {
  num(n) { return String(n.value); }
  add(a) { return `(${this.walk(a.left)} + ${this.walk(a.right)})`; }
  neg(n) { return `-${this.walk(n.inner)}`; }
}

const tree = new Add(new Num(2), new Neg(new Num(5)));
console.log(new Show().walk(tree), new Evaluate().walk(tree));
