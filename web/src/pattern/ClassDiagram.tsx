import dagre from '@dagrejs/dagre';
import { useMemo } from 'react';
import type { Api } from '../api/client';
import { Seal } from '../seal/Seal';
import { spoken } from '../seal/roles';

type Pattern = Api<'PatternView'>;

const LINE = 19;
const HEAD = 40;
const LANE = 10;

/** The roles of a pattern as a UML class diagram: realisation dashed with a hollow head, association with an open one. */
export function ClassDiagram({ pattern }: { pattern: Pattern }) {
  const layout = useMemo(() => lay(pattern), [pattern]);
  const relations = pattern.relations
    .map((r) => `${r.from} ${r.kind === 'REALISATION' ? 'realises' : 'holds'} ${r.to}`)
    .join(', ');
  return (
    <figure aria-label={`Class diagram of the roles: ${relations}`}>
      <svg
        viewBox={`-2 -2 ${layout.width + 4} ${layout.height + 4}`}
        style={{ width: layout.width + 4, maxWidth: '100%' }}
        className="overflow-visible text-ink"
      >
        <defs>
          <marker
            id="realises"
            viewBox="0 0 14 14"
            refX="13"
            refY="7"
            markerWidth="14"
            markerHeight="14"
            orient="auto"
          >
            <path d="M1 1 13 7 1 13Z" fill="var(--sheet)" stroke="currentColor" />
          </marker>
          <marker
            id="associates"
            viewBox="0 0 12 12"
            refX="11"
            refY="6"
            markerWidth="12"
            markerHeight="12"
            orient="auto"
          >
            <path d="M1 1 11 6 1 11" fill="none" stroke="currentColor" />
          </marker>
        </defs>
        {layout.edges.map((e) => (
          <path
            key={e.key}
            d={e.path}
            fill="none"
            stroke="currentColor"
            strokeDasharray={e.kind === 'REALISATION' ? '6 4' : undefined}
            markerEnd={`url(#${e.kind === 'REALISATION' ? 'realises' : 'associates'})`}
          />
        ))}
        {layout.nodes.map((n) => (
          <foreignObject key={n.role.name} x={n.x} y={n.y} width={n.width} height={n.height}>
            <div className="h-full border border-ink bg-sheet text-center">
              <div className="flex h-[39px] items-center justify-center gap-2 border-b border-ink">
                <Seal role={n.role.name} />
                <span className={`font-semibold ${n.role.isAbstract ? 'italic' : ''}`}>{n.role.name}</span>
              </div>
              <div className="px-3 py-1 text-left font-code text-[12px] leading-[19px]">
                {operationsOf(pattern, n.role).map((o) => (
                  <div key={o} className={n.role.isAbstract ? 'italic' : ''}>
                    {o}()
                  </div>
                ))}
              </div>
            </div>
          </foreignObject>
        ))}
      </svg>
      <figcaption className="mt-4 grid gap-y-1">
        {pattern.roles.map((r) => (
          <div key={r.name} className="flex items-baseline gap-2">
            <Seal role={r.name} />
            <span>
              <span className="font-semibold">{spoken(r.name)}</span>
              {r.many && <span className="text-soft">, one or more</span>}
              <span className="text-soft">: {r.doc}.</span>
            </span>
          </div>
        ))}
      </figcaption>
    </figure>
  );
}

/** Its own operations, and those of what it realises. */
function operationsOf(pattern: Pattern, role: Api<'RoleView'>): string[] {
  const above = pattern.relations
    .filter((r) => r.from === role.name && r.kind === 'REALISATION')
    .flatMap((r) => pattern.roles.find((x) => x.name === r.to)?.operations ?? []);
  return [...above, ...role.operations];
}

function lay(pattern: Pattern) {
  const graph = new dagre.graphlib.Graph();
  graph.setGraph({ rankdir: 'BT', nodesep: 46, ranksep: 46 });
  graph.setDefaultEdgeLabel(() => ({}));
  for (const role of pattern.roles) {
    const longest = Math.max(
      role.name.length * 8.6 + 66,
      ...operationsOf(pattern, role).map((o) => (o.length + 2) * 7.4 + 30),
    );
    graph.setNode(role.name, {
      width: longest,
      height: HEAD + Math.max(1, operationsOf(pattern, role).length) * LINE + 10,
    });
  }
  for (const r of pattern.relations) {
    graph.setEdge(r.from, r.to, { minlen: 1, weight: r.kind === 'REALISATION' ? 4 : 1 });
  }
  dagre.layout(graph);
  const nodes = pattern.roles.map((role) => {
    const n = graph.node(role.name);
    return { role, x: n.x - n.width / 2, y: n.y - n.height / 2, width: n.width, height: n.height };
  });
  // boxes of one rank hang from one line
  for (const n of nodes) {
    const rank = graph.node(n.role.name).y;
    n.y = Math.min(
      ...nodes.filter((m) => graph.node(m.role.name).y === rank).map((m) => rank - m.height / 2),
    );
  }
  const at = new Map(nodes.map((n) => [n.role.name, n]));
  const edges = pattern.relations.map((r) => {
    const from = at.get(r.from)!;
    const to = at.get(r.to)!;
    // lines into one box are spread along its lower edge, in the order of where they come from
    const into = pattern.relations
      .filter((x) => x.to === r.to)
      .sort((a, b) => at.get(a.from)!.x - at.get(b.from)!.x);
    const slot = to.x + (to.width * (into.indexOf(r) + 1)) / (into.length + 1);
    // and lines out of one box along its upper edge
    const out = pattern.relations.filter((x) => x.from === r.from);
    const start = from.x + (from.width * (out.indexOf(r) + 1)) / (out.length + 1);
    return { ...r, start, slot, bottom: from.y, top: to.y + to.height };
  });
  const lanes = lanesOf(edges);
  const last = Math.max(0, ...lanes.values());
  return {
    nodes,
    edges: edges.map((e) => {
      const bend = (e.bottom + e.top) / 2 + (lanes.get(e)! - last / 2) * LANE;
      return {
        key: `${e.from}-${e.kind}-${e.to}`,
        kind: e.kind,
        path: `M${e.start} ${e.bottom}V${bend}H${e.slot}V${e.top}`,
      };
    }),
    width: graph.graph().width ?? 0,
    height: graph.graph().height ?? 0,
  };
}

type Edge = { start: number; slot: number };

/** How far down each line runs across, so that none lies on another and those into one box do not cross. */
export function lanesOf<E extends Edge>(edges: E[]): Map<E, number> {
  const lanes = new Map<E, number>();
  // what ends innermost runs furthest down
  const order = [...edges].sort((a, b) => inwards(a) - inwards(b));
  for (const e of order) {
    const beside = order.filter((o) => lanes.has(o) && overlap(o, e)).map((o) => lanes.get(o)!);
    lanes.set(e, beside.length === 0 ? 0 : Math.max(...beside) + 1);
  }
  return lanes;
}

/** Ascending from the outermost end: from the left for lines that come from the left, else from the right. */
function inwards(e: Edge): number {
  return e.start < e.slot ? e.slot : -e.slot;
}

function overlap(a: Edge, b: Edge): boolean {
  return (
    Math.min(a.start, a.slot) <= Math.max(b.start, b.slot) &&
    Math.min(b.start, b.slot) <= Math.max(a.start, a.slot)
  );
}
