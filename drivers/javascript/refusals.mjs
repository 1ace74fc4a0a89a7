// What a program may not do here, said to it as an error that it can see. The sandbox holds without it.
import inspector from "node:inspector";
import v8 from "node:v8";

/** Modules of the runtime that a program may use. */
export const ALLOWED = new Set([
  "assert", "assert/strict", "async_hooks", "buffer", "console", "constants", "crypto", "events", "fs", "fs/promises",
  "os", "path", "path/posix", "perf_hooks", "process", "punycode", "querystring", "readline", "readline/promises",
  "stream", "stream/promises", "string_decoder", "test", "timers", "timers/promises", "url", "util", "util/types",
]);

/** Closes ways by which a program could look at the driver itself. */
export function closeWaysAround() {
  const refuse = () => {
    throw new Error("this is not allowed in a check");
  };
  for (const name of ["getHeapSnapshot", "writeHeapSnapshot", "setFlagsFromString", "startupSnapshot"]) {
    try {
      v8[name] = refuse;
    } catch {
      // it cannot be changed, and the program cannot get at it either
    }
  }
  inspector.Session = refuse;
  inspector.open = refuse;
  for (const name of ["binding", "_linkedBinding", "dlopen", "reallyExit", "kill", "_debugProcess", "chdir"]) {
    process[name] = refuse;
  }
}
