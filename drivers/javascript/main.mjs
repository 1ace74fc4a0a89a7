// Starts the driver: the way to the checker is its standard input and output, which nothing else gets.
import fs from "node:fs";
import { RequestHandler } from "./handler.mjs";
import { closeWaysAround } from "./refusals.mjs";

const { readSync, writeSync } = fs;
const channel = { read: 0, write: 1 };
const exit = process.reallyExit.bind(process);
const { stringify, parse } = JSON;

function* lines() {
  const some = Buffer.alloc(1 << 16);
  let pending = [];
  for (;;) {
    let n;
    try {
      n = readSync(channel.read, some);
    } catch (e) {
      if (e.code === "EAGAIN") continue;
      return;
    }
    if (n === 0) return;
    let from = 0;
    for (let at = some.indexOf(10, from); at >= 0 && at < n; at = some.indexOf(10, from)) {
      pending.push(Buffer.from(some.subarray(from, at)));
      yield Buffer.concat(pending).toString("utf8");
      pending = [];
      from = at + 1;
    }
    pending.push(Buffer.from(some.subarray(from, n)));
  }
}

function tell(text) {
  const bytes = Buffer.from(text + "\n");
  for (let at = 0; at < bytes.length; ) {
    try {
      at += writeSync(channel.write, bytes, at);
    } catch (e) {
      if (e.code !== "EAGAIN") throw e;
    }
  }
}

const source = lines();
const opening = parse(source.next().value);
const secret = opening.secret;
let serving = null;

const handler = new RequestHandler(opening.output, (answer) => {
  // a program that is run as a whole may end itself
  if (serving !== null) {
    answer.id = serving;
    answer.secret = secret;
    serving = null;
    tell(stringify(answer));
  }
  exit(0);
});
closeWaysAround();

for (const line of source) {
  const request = parse(line);
  serving = request.id;
  const answer = await handler.answer(request);
  if (serving !== null) {
    answer.id = serving;
    answer.secret = secret;
    serving = null;
    tell(stringify(answer));
  }
}
exit(0);
