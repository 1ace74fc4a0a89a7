import type { Api } from '../api/client';

/** A line in a compartment of a box. */
export type Entry = { text: string; isAbstract: boolean; isStatic: boolean; isMember: boolean };

/** A classifier, or a role that nobody plays. */
export type Box = {
  id: string;
  name: string;
  keyword?: string;
  isAbstract: boolean;
  roles: string[];
  attributes: Entry[];
  operations: Entry[];
  /** whether it has nothing to do with the pattern */
  isQuiet: boolean;
  /** whether it is just the place for something that is not there */
  isGap: boolean;
};

export type Link = Api<'Relationship'>;

export type Drawing = { boxes: Box[]; links: Link[] };

/** A program has to be this large before what plays no role is hidden at first. */
export const SMALL = 12;

/**
 * A submission's diagram.
 *
 * @param whole whether what plays no role is drawn as well
 */
export function ofSubmission(diagram: Api<'ClassDiagram'>, whole: boolean): Drawing {
  const boxes = diagram.classifiers
    .filter((c) => whole || c.roles.length > 0)
    .map((c): Box => {
      const isGap = c.name === '' && c.id.startsWith('role:');
      return {
        id: c.id,
        name: c.name || (isGap ? 'nobody' : 'a function'),
        keyword: c.keyword && c.name ? c.keyword : undefined,
        isAbstract: c.isAbstract,
        roles: c.roles,
        attributes: c.attributes.map(entry),
        operations: c.operations.map(entry),
        isQuiet: c.roles.length === 0,
        isGap,
      };
    });
  const drawn = new Set(boxes.map((b) => b.id));
  return { boxes, links: diagram.relationships.filter((r) => drawn.has(r.from) && drawn.has(r.to)) };
}

function entry(f: Api<'Feature'>): Entry {
  return { text: f.text, isAbstract: f.isAbstract, isStatic: f.isStatic, isMember: f.member !== undefined };
}

/** The roles of a pattern in the same hand, so that the two can be compared. */
export function ofPattern(pattern: Pick<Api<'PatternView'>, 'roles' | 'relations'>): Drawing {
  const boxes = pattern.roles.map((role): Box => ({
    id: role.name,
    name: role.name,
    isAbstract: role.isAbstract,
    roles: [role.name],
    attributes: [],
    operations: operationsOf(pattern, role).map((o) => ({
      text: `${o}()`,
      isAbstract: role.isAbstract,
      isStatic: false,
      isMember: false,
    })),
    isQuiet: false,
    isGap: false,
  }));
  const many = new Set(pattern.roles.filter((r) => r.many).map((r) => r.name));
  const links = pattern.relations.map((r): Link => ({
    from: r.from,
    to: r.to,
    kind: r.kind,
    multiplicity: r.kind === 'ASSOCIATION' && many.has(r.to) ? '*' : undefined,
    isMissing: false,
  }));
  return { boxes, links };
}

/** Its own operations, and those of what it realises. */
function operationsOf(
  pattern: Pick<Api<'PatternView'>, 'roles' | 'relations'>,
  role: Api<'RoleView'>,
): string[] {
  const above = pattern.relations
    .filter((r) => r.from === role.name && r.kind === 'REALISATION')
    .flatMap((r) => pattern.roles.find((x) => x.name === r.to)?.operations ?? []);
  return [...above, ...role.operations];
}

/** The application's own letters, with what stands for them where a drawing is looked at elsewhere. */
export const UI = "'Hanken Grotesk Variable', 'Hanken Grotesk', system-ui, sans-serif";
export const CODE = "'Commit Mono', ui-monospace, monospace";

export const LINE = 18;
export const PAD = 7;
const LETTER = 7.25;
const NAME_LETTER = 8.4;
const SEAL = 34;
const LONGEST = 46;

export function cut(text: string): string {
  return text.length > LONGEST ? `${text.slice(0, LONGEST - 1)}…` : text;
}

/** Height of what stands over the compartments. */
export function headHeight(box: Box): number {
  return 34 + (box.keyword ? 14 : 0);
}

export function compartment(entries: Entry[]): number {
  return entries.length === 0 ? 0 : entries.length * LINE + PAD;
}

/** How large a box has to be for what it says. */
export function sizeOf(box: Box): { width: number; height: number } {
  const longest = [...box.attributes, ...box.operations].reduce(
    (most, e) => Math.max(most, cut(e.text).length * LETTER + 20),
    0,
  );
  const name = cut(box.name).length * NAME_LETTER + box.roles.length * SEAL + 28;
  return {
    width: Math.round(Math.max(96, name, longest)),
    height: headHeight(box) + compartment(box.attributes) + compartment(box.operations),
  };
}

const verbs: Record<Link['kind'], string> = {
  GENERALISATION: 'extends',
  REALISATION: 'realises',
  ASSOCIATION: 'holds',
  DEPENDENCY: 'uses',
};

/** A relationship in words: what the drawing says to those who do not see it. */
export function inWords(link: Link, names: Map<string, string>): string {
  const from = names.get(link.from) ?? link.from;
  const to = names.get(link.to) ?? link.to;
  if (link.isMissing) {
    return `${from} should ${link.kind === 'ASSOCIATION' ? 'hold' : 'realise'} ${to}, and does not`;
  }
  if (link.kind === 'DEPENDENCY' && link.label) {
    return `${from} makes ${to}`;
  }
  const many = link.multiplicity === '*' ? ' many' : '';
  return `${from} ${verbs[link.kind]}${many} ${to}${link.kind === 'ASSOCIATION' && link.label ? ` as ${link.label}` : ''}`;
}
