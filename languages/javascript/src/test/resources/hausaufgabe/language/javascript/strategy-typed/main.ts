import { Pilot } from "./pilot";
import { ByTheCoast, Route, Shortest } from "./route";

const routes: Route[] = [new Shortest(), new ByTheCoast(["North Cape"])];
const pilot = new Pilot(routes[0]!);
for (const route of routes) {
  pilot.take(route);
  console.log(route.name, pilot.guide("quay 3", "lock"));
}
console.log(pilot.count);
