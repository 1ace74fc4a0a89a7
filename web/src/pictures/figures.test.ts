import type { CourseSheet } from '../api/ledger';
import {
  daysToSettled,
  failing,
  inClaimWords,
  progress,
  sharesOf,
  short,
  tenths,
  throughTheTerm,
} from './figures';

const line = (name: string, ...cells: CourseSheet['lines'][number]['cells']) => ({
  student: { id: 1, number: '1', name, group: 'A', email: '', left: false },
  cells,
  grade: { parts: [] },
});

const sheet = {
  columns: [
    { exercise: 4, number: 1, title: 'Berths', possible: 20, due: true, counts: true },
    { exercise: 5, number: 2, title: 'Tides', due: false, counts: true },
  ],
  lines: [
    line('Fenja', { column: 0, submission: 7, points: 20, state: 'RETURNED' }),
    line('Wiebke', { column: 0, submission: 8, points: 6, state: 'ASKING' }),
    line('Tjark', { column: 0, submission: 9, points: 6, state: 'SETTLED', excused: 'Ill.' }),
    line('Okke', { column: 0, submission: 10, state: 'CHECKING' }),
    line('Nis'),
  ],
} as unknown as CourseSheet;

describe('the figures behind the pictures', () => {
  it('are shares of all that is possible, without those who are excused or have no points yet', () => {
    expect(sharesOf(sheet, 0).map((s) => [s.student, s.share])).toEqual([
      ['Fenja', 1],
      ['Wiebke', 0.3],
    ]);
    expect(sharesOf(sheet, 1)).toEqual([]);
  });

  it('fall into tenths, with all points in the last', () => {
    const counts = tenths(sharesOf(sheet, 0)).map((t) => t.those.length);

    expect(counts).toEqual([0, 0, 0, 1, 0, 0, 0, 0, 0, 1]);
  });

  it('say how far each exercise is', () => {
    const first = progress(sheet).filter((p) => p.exercise === '1 · Berths');

    expect(first.map((p) => [p.stage, p.count])).toEqual([
      ['given back', 1],
      ['settled', 0],
      ['to be read', 1],
      ['being checked', 1],
      ['not there', 1],
    ]);
  });

  it('have first what most do not meet, and nothing that all meet', () => {
    const claims = [
      { item: 'requirement:held', met: 9, missing: 1 },
      { item: 'requirement:two', met: 10, missing: 0 },
      { item: 'scenario:it answers', met: 4, missing: 6 },
    ];

    expect(failing(claims).map((c) => c.item)).toEqual(['scenario:it answers', 'requirement:held']);
    expect(inClaimWords('requirement:two-algorithms')).toBe('two algorithms');
    expect(short('x'.repeat(60))).toHaveLength(46);
  });
});

test('through the term it is counted at the end of each day, and what is not settled has no days', () => {
  const work = [
    { handedInAt: '2026-11-01T10:00:00Z', settledAt: '2026-11-02T22:00:00Z' },
    { handedInAt: '2026-11-02T12:00:00Z' },
  ];
  const now = new Date('2026-11-03T06:00:00Z');
  const points = throughTheTerm(work, now);
  expect(points.filter((p) => p.what === 'handed in').map((p) => p.count)).toEqual([1, 2, 2]);
  expect(points.filter((p) => p.what === 'settled').map((p) => p.count)).toEqual([0, 1, 1]);
  expect(points.at(-1)!.day).toEqual(now);
  expect(daysToSettled(work)).toEqual([1.5]);
  expect(throughTheTerm([], now)).toEqual([]);
});
