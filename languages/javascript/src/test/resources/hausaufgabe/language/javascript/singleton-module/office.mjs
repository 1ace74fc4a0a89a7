import { registry } from "./registry.mjs";

export class Office {
  register(name, berth) {
    registry.enter(name, berth);
    return `${name} lies at ${berth}`;
  }
}
