import type { Api } from '../api/client';
import { differences, usualForm } from './differences';

const one: Api<'Alike'> = {
  student: { id: 1, number: '1', name: 'Fenja Kogge', group: 'A', email: '', left: false },
  submissionId: 7,
  points: 3,
  possible: 9,
  late: false,
  settled: false,
  feedback: false,
  miss: 0,
  toSettle: 0,
  form: 'held in a field',
  version: 'new',
};

it('finds nothing where all is as with the others', () => {
  expect(usualForm([one, one, { ...one, form: 'handed over' }])).toBe('held in a field');
  expect(differences(one, 'held in a field')).toEqual([]);
});

it('names another form, what is open, and what was done already', () => {
  expect(
    differences(
      { ...one, form: 'handed over', toSettle: 2, late: true, feedback: true, settled: true },
      'held in a field',
    ),
  ).toEqual(['2 questions open', 'handed over', 'late', 'has feedback', 'settled']);
});

it('has no usual form where no role was found', () => {
  expect(usualForm([{ ...one, form: undefined }])).toBeUndefined();
  expect(differences({ ...one, form: undefined }, undefined)).toEqual([]);
});
