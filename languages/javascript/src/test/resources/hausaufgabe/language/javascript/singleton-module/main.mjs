import { Office } from "./office.mjs";
import { registry } from "./registry.mjs";

const office = new Office();
console.log(office.register("Seeschwalbe", "B-3"));
console.log(registry.berthOf("Seeschwalbe"));
