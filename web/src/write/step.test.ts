import type { Sentences } from '../api/notation';
import { canBeSaid, otherwise, readStep, sayStep, variablesOf, type Scope, type Shape } from './step';

const shapes: Shape[] = [
  'NEW := double of ROLE',
  'NEW := new ROLE with ARGUMENTS',
  'call VARIABLE . OPERATION',
  'call VARIABLE . OPERATION with ARGUMENTS',
  'call VARIABLE . OPERATION until VARIABLE . OPERATION is called',
  'expect VARIABLE is ARGUMENT',
  'expect VARIABLE is not ARGUMENT',
  'expect VARIABLE . OPERATION called once',
  'expect VARIABLE . OPERATION , VARIABLE . OPERATION called in this order',
  'expect output TEXT',
  'set VARIABLE . FIELD to ARGUMENT',
].map((words) => ({ words, meaning: '' }));
const before: Shape[] = ['repeat NUMBER times', 'for each ROLE as NEW'].map((words) => ({
  words,
  meaning: '',
}));
const names: Sentences['names'] = [
  { name: 'Context', kind: 'ROLE', many: false, doc: '' },
  { name: 'execute', kind: 'OPERATION', many: true, doc: '' },
];
const scope: Scope = { names, variables: ['one', 'context'] };

function words(line: string) {
  return readStep(line, shapes, before)?.step.shape.words;
}

describe('a step', () => {
  it.each([
    'one := double of Strategy',
    'context := new Context with one, 3, "Pier 4, north"',
    'call context.contextOperation',
    'call context.contextOperation with any',
    'call context.contextOperation until one.execute is called',
    'expect sum is "not here"',
    'expect one.execute, two.execute called in this order',
    'expect output "he said \\"no\\""',
    'repeat 3 times call context.contextOperation',
    'for each ConcreteStrategy as s call s.execute with any',
  ])('is read and said again: %s', (line) => {
    const read = readStep(line, shapes, before);
    expect(read && sayStep(read)).toBe(line);
  });

  it('is read as the shape that says most of it', () => {
    expect(words('expect sum is not two')).toBe('expect VARIABLE is not ARGUMENT');
    expect(words('call one.execute with two')).toBe('call VARIABLE . OPERATION with ARGUMENTS');
  });

  it('that no shape says is left to the text', () => {
    expect(readStep('expect one to be happy', shapes, before)).toBeUndefined();
    expect(readStep('call one.execute with two and more', shapes, before)).toBeUndefined();
  });

  it('keeps what fits when it becomes another', () => {
    const read = readStep('call context.execute with 3, one', shapes, before)!;
    const other = otherwise(shapes[4]!, read.step.slots, scope);
    expect(sayStep({ before: [], step: other })).toBe('call context.execute until context.execute is called');
    const made = otherwise(shapes[0]!, [], scope);
    expect(sayStep({ before: [], step: made })).toBe('two := double of Context');
  });

  it('can be chosen where there is something for each of its parts', () => {
    expect(canBeSaid(shapes[10]!, scope)).toBe(false);
    expect(canBeSaid(shapes[2]!, { names, variables: [] })).toBe(false);
    expect(canBeSaid(shapes[0]!, { names, variables: [] })).toBe(true);
  });

  it('knows what the lines above it have named', () => {
    expect(
      variablesOf(
        ['one := double of Strategy', 'call one.execute', 'for each Strategy as s call s.execute'],
        shapes,
        before,
      ),
    ).toEqual(['one', 's']);
  });
});
