import type { Route } from "./route";

export class Pilot {
  private trips = 0;

  constructor(private route: Route) {}

  take(route: Route): void {
    this.route = route;
  }

  guide(from: string, to: string): string {
    this.trips++;
    return this.route.plan(from, to).join(" > ");
  }

  get count(): number {
    return this.trips;
  }
}
