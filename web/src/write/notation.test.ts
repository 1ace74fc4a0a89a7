import { Text } from '@codemirror/state';
import type { Sentences } from '../api/notation';
import { changeBetween } from './CodeEditor';
import { aboutOther, freeId, saidOtherwise, sayable, type Vocabulary } from './condition';
import { meaningAt, rangeOf } from './notation';
import { valuesLine } from './Values';

const vocabulary: Vocabulary = {
  steps: [],
  before: [],
  sorts: ['class', 'abstraction'],
  relations: [
    { words: 'realises ROLE', meaning: 'realises or extends it', of: ['TYPE'] },
    { words: 'calls OPERATION', meaning: 'calls it on anything', of: ['TYPE', 'OPERATION'] },
    {
      words: 'calls OPERATION on FIELD',
      meaning: 'calls it on what the field holds',
      of: ['TYPE', 'OPERATION'],
    },
    { words: 'is private', meaning: 'nobody else sees it', of: ['FIELD'] },
  ],
};

const sentences: Sentences = {
  title: 'Pier',
  same: [],
  above: [],
  limits: [],
  names: [
    { name: 'Context', kind: 'ROLE', many: false, doc: 'uses an algorithm' },
    { name: 'Strategy', kind: 'ROLE', many: false, doc: '' },
    { name: 'execute', kind: 'OPERATION', many: false, doc: '' },
    { name: 'strategy', kind: 'FIELD', many: false, doc: '' },
  ],
  claims: [
    {
      place: 'require held',
      id: 'held',
      forbidden: false,
      essential: false,
      points: 1,
      text: '',
      hint: '',
      when: [],
      conditions: [],
    },
  ],
  forms: [],
  pitfalls: [],
  scenarios: [],
  runs: [],
  values: [],
  testPoints: 0,
  ready: [],
};

it('changes no more of a text than differs', () => {
  expect(changeBetween('abcd', 'abXd')).toEqual({ from: 2, to: 3, insert: 'X' });
  expect(changeBetween('aa', 'aaa')).toEqual({ from: 2, to: 2, insert: 'a' });
  expect(changeBetween('same', 'same')).toEqual({ from: 4, to: 4, insert: '' });
});

it('offers of a subject only what can be said of it', () => {
  const ofAType = sayable('Context', sentences, vocabulary).map((o) => o.label);
  const ofAField = sayable('strategy', sentences, vocabulary).map((o) => o.label);

  expect(ofAType).toContain('is an abstraction');
  expect(ofAType).toContain('calls OPERATION on FIELD');
  expect(ofAField).toEqual(['is private']);
});

it('keeps the names that still fit when something else is said', () => {
  const part = { negative: false, words: 'calls OPERATION', names: ['execute'] };

  const changed = saidOtherwise(part, 'calls OPERATION on FIELD', sentences, vocabulary);

  expect(changed).toEqual({
    negative: false,
    words: 'calls OPERATION on FIELD',
    names: ['execute', 'strategy'],
  });
  expect(saidOtherwise(changed, 'is an abstraction', sentences, vocabulary).sort).toBe('abstraction');
});

it('says of another subject only what fits it', () => {
  const said = {
    quantity: 'EVERY' as const,
    count: 0,
    subject: 'Context',
    alone: false,
    parts: [{ negative: false, words: 'realises ROLE', names: ['Strategy'] }],
    text: '',
  };

  expect(aboutOther(said, 'strategy', sentences, vocabulary).parts[0]?.words).toBe('is private');
});

it('makes an id that nobody has', () => {
  expect(freeId('{Context} held by it', sentences)).toBe('held-2');
  expect(freeId('…', sentences)).toBe('claim');
});

it('tells the meaning of the longest that is said, or of the name', () => {
  const meanings = { names: new Map([['Context', 'uses an algorithm']]), relations: vocabulary.relations };

  expect(meaningAt('  some x calls execute on strategy', 12, meanings)).toContain('what the field holds');
  expect(meaningAt('  Context realises Strategy', 4, meanings)).toBe('Context: uses an algorithm');
  expect(meaningAt('  nothing', 4, meanings)).toBeUndefined();
});

it('underlines the word at the place of a mistake, or what stands before the end', () => {
  const doc = Text.of(['role X', '  rolle Y a class']);

  expect(rangeOf(doc, { line: 2, column: 3, message: '' })).toEqual({ from: 9, to: 14 });
  expect(rangeOf(doc, { line: 9, column: 1, message: '' }).from).toBeGreaterThanOrEqual(7);
});

it('writes a line of values from what was chosen', () => {
  const given = { type: '', role: '', words: 'berth, platz', values: 'B-117, C-020' };

  expect(valuesLine({ ...given, sort: 'text' })).toBe('  values text "berth, platz" "B-117", "C-020"');
  expect(valuesLine({ ...given, sort: 'shape', role: 'Context', values: '[A-Z]-"' })).toBe(
    '  values text of Context "berth, platz" matching "[A-Z]-\\""',
  );
  expect(valuesLine({ ...given, sort: 'range', words: '', values: '1 to 40' })).toBe(
    '  values number 1 to 40',
  );
  expect(valuesLine({ ...given, sort: 'type', type: 'Tide', values: 'SPRING' })).toBe(
    '  values Tide "SPRING"',
  );
});
