class Report {
  render(rows) {
    const lines = [this.header()];
    for (const row of rows) lines.push(this.line(row));
    lines.push(this.footer(rows.length));
    return lines.join("\n");
  }
  header() { return "== report =="; }
  line() { throw new Error("must be overridden"); }
  footer(n) { return `${n} rows`; }
}
class Csv extends Report {
  header() { return "name;berth"; }
  line(row) { return `${row.name};${row.berth}`; }
  footer() { return ""; }
}
class Text extends Report {
  line(row) { return `${row.name} lies at ${row.berth}`; }
}
const rows = [{ name: "Anke", berth: 3 }];
for (const r of [new Csv(), new Text()]) console.log(r.render(rows));
