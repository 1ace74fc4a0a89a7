import { Chart } from "./marks";
import { NamesInOrder, ShallowestDepth } from "./visitors";

const chart = new Chart()
  .add({ kind: "buoy", depth: 4, lit: true })
  .add({ kind: "wreck", depth: 7, name: "Seute Deern" })
  .add({ kind: "beacon", height: 12 });
const names = new NamesInOrder();
chart.walk(names);
console.log(names.names.join(", "));
const depth = new ShallowestDepth();
chart.walk(depth);
console.log(depth.shallowest);
