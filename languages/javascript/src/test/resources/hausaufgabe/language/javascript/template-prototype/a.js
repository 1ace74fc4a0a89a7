var util = require('util');

function Report(title) {
  this.title = title;
}
Report.prototype.print = function (rows) {
  var out = [this.head()];
  for (var i = 0; i < rows.length; i++) {
    out.push(this.line(rows[i], i));
  }
  out.push(this.foot(rows.length));
  return out.join('\n');
};
Report.prototype.head = function () {
  throw new Error('not implemented');
};
Report.prototype.line = function (row, i) {
  throw new Error('not implemented');
};
Report.prototype.foot = function (n) {
  return n + ' rows';
};

function CsvReport(title) {
  Report.call(this, title);
}
util.inherits(CsvReport, Report);
CsvReport.prototype.head = function () {
  return '"' + this.title + '"';
};
CsvReport.prototype.line = function (row, i) {
  return i + ';' + row;
};

function BoxReport(title, width) {
  Report.call(this, title);
  this.width = width;
}
BoxReport.prototype = Object.create(Report.prototype);
BoxReport.prototype.constructor = BoxReport;
BoxReport.prototype.head = function () {
  return new Array(this.width).join('=') + ' ' + this.title;
};
BoxReport.prototype.line = function (row) {
  return '| ' + row;
};
BoxReport.prototype.foot = function (n) {
  return new Array(this.width).join('=');
};

console.log(new CsvReport('ships').print(['Ole', 'Inken']));
console.log(new BoxReport('ships', 9).print(['Ole', 'Inken']));
