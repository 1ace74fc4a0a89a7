import type { Api } from '../api/client';
import { stateOf, tally } from './tally';

type Row = Api<'Row'>;

function row(more: Partial<Row>, attempt?: Partial<Api<'CountedAttempt'>>): Row {
  const handedIn = attempt && {
    submissionId: 1,
    state: 'CHECKED',
    compiled: true,
    toSettle: 0,
    marks: [],
    ...attempt,
  };
  return { student: { id: 1 }, settled: false, feedback: '', handedIn, ...more } as unknown as Row;
}

it('counts what waits for a person, the unclear first', () => {
  const t = tally([
    row({}),
    row({}, { submissionId: 2 }),
    row({}, { submissionId: 3, toSettle: 2 }),
    row({}, { submissionId: 4, state: 'RUNNING' }),
    row({ settled: true }, { submissionId: 5 }),
  ]);

  expect(t).toMatchObject({ students: 5, handedIn: 4, running: 1, settled: 1, open: [3, 2] });
});

it('puts own groups before the others', () => {
  const of = (group: string) => ({ student: { id: 1, group } }) as unknown as Partial<Row>;
  const rows = [
    row(of('A'), { submissionId: 1, toSettle: 3 }),
    row(of('B'), { submissionId: 2 }),
    row(of('B'), { submissionId: 3, toSettle: 1 }),
  ];

  expect(tally(rows, ['B']).open).toEqual([3, 2, 1]);
  expect(tally(rows).open).toEqual([1, 3, 2]);
});

describe('what is said of a row', () => {
  it('follows the check, then the person', () => {
    expect(stateOf(row({})).text).toBe('nothing handed in');
    expect(stateOf(row({}, { state: 'RUNNING', progress: 'Finding the roles' })).text).toBe(
      'Finding the roles',
    );
    expect(stateOf(row({}, { state: 'FAILED' })).text).toBe('could not be checked');
    expect(stateOf(row({}, { compiled: false })).text).toBe('does not compile');
    expect(stateOf(row({}, { toSettle: 2 })).text).toBe('2 to settle');
    expect(stateOf(row({}, { verdict: 'ACCEPTED' })).text).toBe('all holds');
    expect(stateOf(row({ settled: true, markedBy: 'Jonte' }, {})).text).toBe('settled by Jonte');
  });
});
