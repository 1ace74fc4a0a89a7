import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { Edit, Sentences } from '../api/notation';
import { RoleSeals } from '../seal/Seal';
import type { Vocabulary } from './condition';
import { runBlock } from './Runs';
import { Steps } from './Steps';

const shapes = [
  'NEW := double of ROLE',
  'call VARIABLE . OPERATION',
  'call VARIABLE . OPERATION with ARGUMENTS',
  'expect VARIABLE . OPERATION called once',
].map((words) => ({ words, meaning: `meaning of ${words}` }));
const vocabulary: Vocabulary = {
  relations: [],
  sorts: [],
  steps: shapes,
  before: [{ words: 'repeat NUMBER times', meaning: '' }],
};
const sentences = {
  names: [
    { name: 'Gauge', kind: 'ROLE', many: false, doc: '' },
    { name: 'tell', kind: 'OPERATION', many: true, doc: '' },
    { name: 'stop', kind: 'OPERATION', many: true, doc: '' },
  ],
} as unknown as Sentences;

function shown(steps: string[]) {
  const edits: Edit[] = [];
  render(
    <RoleSeals roles={['Gauge']}>
      <Steps
        scenario={{
          place: 'scenario s',
          name: 's',
          points: 1,
          forms: [],
          every: [],
          when: ['Gauge is a class'],
          shows: ['held'],
          steps,
        }}
        sentences={sentences}
        vocabulary={vocabulary}
        change={(e) => edits.push(e)}
      />
    </RoleSeals>,
  );
  return edits;
}

const steps = ['one := double of Gauge', 'two := double of Gauge', 'call one.tell with 3, "Pier 4"'];

it('lets each part of a step be chosen', async () => {
  const edits = shown(steps);

  await userEvent.click(screen.getByRole('button', { name: 'Operation: tell' }));
  await userEvent.click(screen.getByRole('menuitem', { name: 'stop' }));
  await userEvent.click(screen.getByRole('button', { name: 'Object: one' }));
  await userEvent.click(screen.getByRole('menuitem', { name: 'two' }));

  expect(edits).toEqual([
    { kind: 'LINE', place: 'scenario s', index: 2, text: 'call one.stop with 3, "Pier 4"' },
    { kind: 'LINE', place: 'scenario s', index: 2, text: 'call two.tell with 3, "Pier 4"' },
  ]);
});

it('hands over what is chosen, and text that is written', async () => {
  const edits = shown(steps);

  await userEvent.click(screen.getByRole('button', { name: 'Value: a number' }));
  await userEvent.click(screen.getByRole('menuitem', { name: 'two' }));
  await userEvent.clear(screen.getByLabelText('Text'));
  await userEvent.type(screen.getByLabelText('Text'), 'Pier 5{Enter}');
  await userEvent.click(screen.getByRole('button', { name: /^How many are handed over/ }));
  await userEvent.click(screen.getByRole('menuitem', { name: 'Hand one less over' }));

  expect(edits.map((e) => e.text)).toEqual([
    'call one.tell with two, "Pier 4"',
    'call one.tell with 3, "Pier 5"',
    'call one.tell with 3',
  ]);
});

it('puts a further step at the end, filled in as far as can be', async () => {
  const edits = shown(steps);

  await userEvent.click(screen.getByRole('button', { name: /^One more step/ }));
  await userEvent.click(screen.getByRole('menuitem', { name: /^expect object\.operation called once/ }));

  expect(edits).toEqual([
    { kind: 'LINE_IN', place: 'scenario s', index: 3, text: 'expect two.tell called once' },
  ]);
});

it('turns a step into another, moves it, repeats it and leaves it out', async () => {
  const edits = shown(steps);

  await userEvent.click(screen.getAllByRole('button', { name: /^What is done: call/ })[0]!);
  await userEvent.click(screen.getByRole('menuitem', { name: /^expect object\.operation called once/ }));
  const more = screen.getByRole('button', { name: /^More for step 3/ });
  await userEvent.click(more);
  await userEvent.click(screen.getByRole('menuitem', { name: 'Do it repeat N times' }));
  await userEvent.click(more);
  await userEvent.click(screen.getByRole('menuitem', { name: 'One place up' }));
  await userEvent.click(more);
  await userEvent.click(screen.getByRole('menuitem', { name: 'Leave it out' }));

  expect(edits).toEqual([
    { kind: 'LINE', place: 'scenario s', index: 2, text: 'expect one.tell called once' },
    { kind: 'LINE', place: 'scenario s', index: 2, text: 'repeat 2 times call one.tell with 3, "Pier 4"' },
    { kind: 'LINE_MOVE', place: 'scenario s', index: 2, flag: true },
    { kind: 'LINE_OUT', place: 'scenario s', index: 2 },
  ]);
});

it('shows what can only be written as it is written', () => {
  shown(['one := double of Gauge', 'expect one to be happy']);

  expect(screen.getByText('expect one to be happy')).toBeInTheDocument();
  expect(screen.getByText('speaks for held')).toBeInTheDocument();
});

it('writes a run of the whole program as the notation does', () => {
  expect(
    runBlock({
      name: 'a quiet day',
      main: 'harbour.Main',
      words: '3 north',
      input: '1.5\n2\n',
      how: 'like',
      output: 'Tide "table"\nsum 3.5',
    }),
  ).toBe(
    [
      '  run "a quiet day" 1',
      '    main "harbour.Main"',
      '    arguments "3" "north"',
      '    input "1.5" "2"',
      '    expect output like "Tide \\"table\\"" "sum 3.5"',
    ].join('\n'),
  );
});
