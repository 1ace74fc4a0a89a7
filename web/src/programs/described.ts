/** What is used here of a description in OpenAPI 3.1. */
export type Schema = {
  $ref?: string;
  type?: string | string[];
  format?: string;
  enum?: string[];
  items?: Schema;
  properties?: Record<string, Schema>;
  required?: string[];
  additionalProperties?: Schema | boolean;
};
export type Parameter = {
  name: string;
  in: string;
  required?: boolean;
  description?: string;
  schema?: Schema;
};
type Content = Record<string, { schema?: Schema }>;
export type Operation = {
  summary?: string;
  description?: string;
  parameters?: Parameter[];
  requestBody?: { content?: Content };
  responses?: Record<string, { content?: Content }>;
};
export type Description = {
  paths: Record<string, Record<string, Operation>>;
  components: { schemas: Record<string, Schema> };
};

/** One thing that can be asked. */
export type Request = { method: string; path: string; operation: Operation };

const METHODS = ['get', 'post', 'put', 'delete'];
/** What only a person who is signed in can do is left out. */
const NOT_FOR_PROGRAMS = /^\/api\/(session|links|accounts|description)/;

/** By what they are about, such as "courses", everything that a program can ask. */
export function requests(description: Description): [string, Request[]][] {
  const groups = new Map<string, Request[]>();
  for (const [path, operations] of Object.entries(description.paths).sort(([a], [b]) => a.localeCompare(b))) {
    if (!path.startsWith('/api/') || NOT_FOR_PROGRAMS.test(path)) {
      continue;
    }
    const group = path.split('/')[2]!;
    const those = groups.get(group) ?? [];
    METHODS.filter((m) => operations[m]).forEach((method) =>
      those.push({ method, path, operation: operations[method]! }),
    );
    groups.set(group, those);
  }
  return [...groups].sort(([a], [b]) => a.localeCompare(b));
}

/** Whether a request says something of what is looked for. */
export function fits(request: Request, find: string): boolean {
  const text = `${request.method} ${request.path} ${request.operation.summary ?? ''} ${request.operation.description ?? ''}`;
  return text.toLowerCase().includes(find.trim().toLowerCase());
}

/** How deep a sketch goes before it only names what comes. */
const DEEPEST = 3;

/** What a value looks like, as JSON with types in the place of values; a question mark where something may be absent. */
export function sketch(schema: Schema | undefined, all: Record<string, Schema>, depth = 0): string {
  if (!schema) {
    return 'nothing';
  }
  if (schema.$ref) {
    const name = schema.$ref.split('/').at(-1)!;
    return depth >= DEEPEST || !all[name] ? name : sketch(all[name], all, depth);
  }
  if (schema.enum) {
    return schema.enum.map((e) => `"${e}"`).join(' | ');
  }
  if (schema.items) {
    return `[ ${sketch(schema.items, all, depth)} … ]`;
  }
  if (schema.properties) {
    const inner = '  '.repeat(depth + 1);
    const lines = Object.entries(schema.properties).map(
      ([name, of]) =>
        `${inner}"${name}"${schema.required?.includes(name) ? '' : '?'}: ${sketch(of, all, depth + 1)}`,
    );
    return `{\n${lines.join(',\n')}\n${'  '.repeat(depth)}}`;
  }
  if (typeof schema.additionalProperties === 'object') {
    return `{ "…": ${sketch(schema.additionalProperties, all, depth + 1)} }`;
  }
  const type = Array.isArray(schema.type) ? schema.type.join(' | ') : (schema.type ?? 'anything');
  return schema.format && schema.format !== 'double' ? `${type} (${schema.format})` : type;
}

/** What an operation takes, or gives where it goes well, with its kind; undefined where that is nothing. */
export function contentOf(content: Content | undefined): { kind: string; schema?: Schema } | undefined {
  const first = Object.entries(content ?? {})[0];
  return first && { kind: first[0] === '*/*' ? 'application/json' : first[0], schema: first[1].schema };
}
