import type ElkApi from 'elkjs/lib/elk-api.js';
import type { ElkNode } from 'elkjs/lib/elk-api.js';
import { sizeOf, type Box, type Drawing, type Link } from './drawing';

export type Point = { x: number; y: number };
export type PlacedBox = Box & Point & { width: number; height: number };
export type PlacedLink = Link & { points: Point[]; labelAt?: Point & { anchor: 'start' | 'middle' } };
export type Placed = { boxes: PlacedBox[]; links: PlacedLink[]; width: number; height: number };

const OPTIONS = {
  'elk.algorithm': 'layered',
  'elk.direction': 'UP',
  'elk.edgeRouting': 'ORTHOGONAL',
  'elk.spacing.nodeNode': '34',
  'elk.spacing.edgeNode': '18',
  'elk.spacing.edgeEdge': '12',
  'elk.spacing.componentComponent': '40',
  'elk.layered.spacing.nodeNodeBetweenLayers': '52',
  'elk.layered.spacing.edgeNodeBetweenLayers': '20',
  'elk.layered.considerModelOrder.strategy': 'NODES_AND_EDGES',
  'elk.layered.nodePlacement.strategy': 'BRANDES_KOEPF',
  'elk.layered.nodePlacement.bk.fixedAlignment': 'BALANCED',
  'elk.aspectRatio': '1.6',
};

let engine: Promise<InstanceType<typeof ElkApi>> | undefined;

/** The layout engine, in a worker of its own, fetched when the first diagram is drawn. */
async function elk() {
  engine ??= Promise.all([import('elkjs/lib/elk-api.js'), import('elkjs/lib/elk-worker.min.js?url')]).then(
    ([api, worker]) => new api.default({ workerFactory: () => new Worker(worker.default) }),
  );
  return engine;
}

/** The drawing as the layout engine takes it; the order says what is drawn first, so that equal diagrams come out equal. */
export function asGraph(drawing: Drawing): ElkNode {
  return {
    id: 'diagram',
    layoutOptions: OPTIONS,
    children: drawing.boxes.map((b) => ({ id: b.id, ...sizeOf(b) })),
    edges: drawing.links.map((l, i) => ({
      id: `${i}`,
      sources: [l.from],
      targets: [l.to],
      layoutOptions: { 'elk.layered.priority.direction': l.kind === 'DEPENDENCY' ? '0' : '5' },
    })),
  };
}

/** What stands beside a line. */
export function labelOf(link: Link): string {
  if (link.isMissing) {
    return 'not there';
  }
  if (link.kind === 'DEPENDENCY') {
    return link.label ? `«${link.label}»` : '';
  }
  return [link.label, link.multiplicity].filter(Boolean).join('  ');
}

export async function placed(drawing: Drawing): Promise<Placed> {
  const graph = await (await elk()).layout(asGraph(drawing));
  return read(drawing, graph);
}

/** What the layout engine said, put to the drawing. */
export function read(drawing: Drawing, graph: ElkNode): Placed {
  const at = new Map((graph.children ?? []).map((c) => [c.id, c]));
  const boxes = drawing.boxes.flatMap((b): PlacedBox[] => {
    const n = at.get(b.id);
    return n ? [{ ...b, x: n.x ?? 0, y: n.y ?? 0, width: n.width ?? 0, height: n.height ?? 0 }] : [];
  });
  const links = drawing.links.map((l, i): PlacedLink => {
    const edge = graph.edges?.[i];
    const section = edge?.sections?.[0];
    const points = section ? [section.startPoint, ...(section.bendPoints ?? []), section.endPoint] : [];
    return { ...l, points, labelAt: labelOf(l) ? besideLongest(points) : undefined };
  });
  return { boxes, links, width: graph.width ?? 0, height: graph.height ?? 0 };
}

/** A place beside the longest part of a line, for what is written by it. */
function besideLongest(points: Point[]): PlacedLink['labelAt'] {
  let best: { a: Point; b: Point; length: number } | undefined;
  for (let i = 1; i < points.length; i++) {
    const [a, b] = [points[i - 1]!, points[i]!];
    const length = Math.abs(a.x - b.x) + Math.abs(a.y - b.y);
    if (!best || length > best.length) {
      best = { a, b, length };
    }
  }
  if (!best) {
    return undefined;
  }
  const { a, b } = best;
  return a.y === b.y
    ? { x: (a.x + b.x) / 2, y: a.y - 5, anchor: 'middle' }
    : { x: a.x + 6, y: (a.y + b.y) / 2 + 4, anchor: 'start' };
}
