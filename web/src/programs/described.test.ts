import { expect, test } from 'vitest';
import { contentOf, fits, requests, sketch, type Description } from './described';

const described: Description = {
  paths: {
    '/api/courses/{course}/grades': { get: { description: 'Every student.' } },
    '/api/courses': { post: { description: 'Begins one.' }, get: {} },
    '/api/session/tokens': { post: {} },
  },
  components: {
    schemas: {
      Line: {
        properties: { name: { type: 'string' }, points: { type: 'number', format: 'double' } },
        required: ['name'],
      },
      Sheet: { properties: { lines: { items: { $ref: '#/components/schemas/Line' } } }, required: ['lines'] },
    },
  },
};

test('what a program can ask stands by what it is about, without what only a person does', () => {
  const [[group, those]] = requests(described) as [[string, ReturnType<typeof requests>[0][1]]];
  expect(group).toBe('courses');
  expect(those.map((r) => `${r.method} ${r.path}`)).toEqual([
    'get /api/courses',
    'post /api/courses',
    'get /api/courses/{course}/grades',
  ]);
  expect(requests(described)).toHaveLength(1);
  expect(fits(those[2]!, ' EVERY ')).toBe(true);
  expect(fits(those[0]!, 'every')).toBe(false);
});

test('a value is sketched as JSON, and what may be absent has a question mark', () => {
  const { schemas } = described.components;
  expect(sketch({ $ref: '#/components/schemas/Sheet' }, schemas)).toBe(
    '{\n  "lines": [ {\n    "name": string,\n    "points"?: number\n  } … ]\n}',
  );
  expect(sketch({ enum: ['A', 'B'] }, schemas)).toBe('"A" | "B"');
  expect(sketch(undefined, schemas)).toBe('nothing');
  expect(contentOf({ '*/*': { schema: { type: 'string' } } })?.kind).toBe('application/json');
  expect(contentOf(undefined)).toBeUndefined();
});
