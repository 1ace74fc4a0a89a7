import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { Claim, Edit, Sentences } from '../api/notation';
import { RoleSeals } from '../seal/Seal';
import { ClaimSentence } from './ClaimSentence';
import type { Vocabulary } from './condition';
import { worth } from './parts';

const vocabulary: Vocabulary = {
  steps: [],
  before: [],
  sorts: ['class', 'abstraction'],
  relations: [
    { words: 'realises ROLE', meaning: 'realises or extends it', of: ['TYPE'] },
    { words: 'holds ROLE', meaning: 'has a field of it', of: ['TYPE'] },
    { words: 'is of type ROLE', meaning: 'is declared so', of: ['FIELD'] },
  ],
};

const claim: Claim = {
  place: 'require held',
  id: 'held',
  forbidden: false,
  essential: false,
  points: 2,
  text: '{Gauge} holds a {Listener}.',
  hint: '',
  when: [],
  conditions: [
    {
      quantity: 'EVERY',
      count: 0,
      subject: 'Gauge',
      alone: false,
      parts: [{ negative: false, words: 'holds ROLE', names: ['Listener'] }],
      text: 'Gauge holds Listener',
    },
  ],
};

const sentences: Sentences = {
  title: 'Pier',
  same: [],
  above: [],
  limits: [],
  names: [
    { name: 'Gauge', kind: 'ROLE', many: false, doc: 'measures' },
    { name: 'Listener', kind: 'ROLE', many: false, doc: 'is told' },
    { name: 'listeners', kind: 'FIELD', many: false, doc: '' },
  ],
  claims: [claim],
  forms: [{ place: 'form first', name: 'first', doc: '', claims: [] }],
  pitfalls: [],
  scenarios: [],
  runs: [],
  values: [],
  testPoints: 0,
  ready: [],
};

function shown(other: Partial<Claim> = {}) {
  const edits: Edit[] = [];
  render(
    <RoleSeals roles={['Gauge', 'Listener']}>
      <ol>
        <ClaimSentence
          claim={{ ...claim, ...other }}
          sentences={sentences}
          vocabulary={vocabulary}
          change={(e) => edits.push(e)}
          first
          last={false}
          target={false}
        />
      </ol>
    </RoleSeals>,
  );
  return edits;
}

it('sends points once they are written, and not while they are', async () => {
  const edits = shown();

  await userEvent.clear(screen.getByLabelText('Points of held'));
  await userEvent.type(screen.getByLabelText('Points of held'), '2,5');
  expect(edits).toEqual([]);
  await userEvent.tab();

  expect(edits).toEqual([{ kind: 'WORTH', place: 'require held', points: 2.5 }]);
});

it('says something else of the subject by choosing, with the names that still fit', async () => {
  const edits = shown();

  await userEvent.click(screen.getByLabelText('What is said: holds ROLE'));
  await userEvent.click(screen.getByRole('menuitem', { name: /^realises ROLE/ }));

  expect(edits[0]).toMatchObject({
    kind: 'SAYS',
    index: 0,
    condition: { subject: 'Gauge', parts: [{ words: 'realises ROLE', names: ['Listener'] }] },
  });
});

it('turns what is said into its opposite', async () => {
  const edits = shown();

  await userEvent.click(screen.getByLabelText('What is said: holds ROLE'));
  await userEvent.click(screen.getByRole('menuitem', { name: 'that it does not hold' }));

  expect(edits[0]?.condition?.parts[0]?.negative).toBe(true);
});

it('is about somebody else only with what can be said of them', async () => {
  const edits = shown();

  await userEvent.click(screen.getByLabelText('Of whom it is said: Gauge'));
  await userEvent.click(screen.getByRole('menuitem', { name: /^listeners/ }));

  expect(edits[0]?.condition).toMatchObject({
    subject: 'listeners',
    parts: [{ words: 'is of type ROLE', names: ['Gauge'] }],
  });
});

it('moves by the arrow keys and is left out by its menu', async () => {
  const edits = shown();

  screen.getByLabelText(/^Place of held/).focus();
  await userEvent.keyboard('{ArrowDown}');
  await userEvent.click(screen.getByLabelText('More for held'));
  await userEvent.click(screen.getByRole('menuitem', { name: 'Leave it out' }));

  expect(edits).toEqual([
    { kind: 'MOVE', place: 'require held', flag: false },
    { kind: 'REMOVAL', place: 'require held' },
  ]);
});

it('shows its sentence with seals until it is written', async () => {
  const edits = shown();

  await userEvent.click(screen.getByLabelText(/^Sentence of held: .* Change it$/));
  const line = screen.getByLabelText('Sentence of held');
  expect(line).toHaveFocus();
  await userEvent.clear(line);
  await userEvent.type(line, 'Somebody is held.{Enter}');

  expect(edits).toEqual([{ kind: 'WORDING', place: 'require held', text: 'Somebody is held.' }]);
});

it('names the form of a requirement that only a form has', () => {
  shown({ place: 'form by push require held' });

  expect(screen.getByLabelText('Points of held in “by push”')).toBeInTheDocument();
});

it('counts what the first form can bring', () => {
  const line = { place: '', name: '', every: [], when: [], shows: [], steps: [] };

  expect(
    worth(
      [
        {
          ...sentences,
          scenarios: [
            { ...line, points: 2, forms: [] },
            { ...line, points: 1, forms: ['first'] },
            { ...line, points: 7, forms: ['second'] },
          ],
          testPoints: 3,
        },
        { ...sentences, forms: [], claims: [] },
      ],
      [
        {
          id: 'names',
          text: 'Names say it.',
          levels: [
            { points: 2, text: 'all' },
            { points: 0, text: 'none' },
          ],
        },
      ],
    ),
  ).toEqual({ claims: 2, runs: 6, judged: 2 });
});
