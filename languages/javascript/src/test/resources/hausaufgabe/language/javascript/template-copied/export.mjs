export class Export {
  run(rows) {
    throw new Error("not implemented");
  }
}

export class Csv extends Export {
  run(rows) {
    const out = [];
    out.push("begin");
    for (const row of rows) {
      out.push(row.join(";"));
    }
    out.push("end");
    return out.join("\n");
  }
}

export class Tabs extends Export {
  run(rows) {
    const out = [];
    out.push("begin");
    for (const row of rows) {
      out.push(row.join("\t"));
    }
    out.push("end");
    return out.join("\n");
  }
}

for (const e of [new Csv(), new Tabs()]) console.log(e.run([["a", 1], ["b", 2]]));
