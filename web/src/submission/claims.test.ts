import type { Api } from '../api/client';
import { heading, nameOf, requirementsOf, scenariosOf, summary } from './claims';
import { stretches } from './Excerpt';

type Status = Api<'Finding'>['status'];

function report(...statuses: Status[]): Api<'CheckReport'> {
  return {
    pattern: 'strategy',
    form: 'held by the context',
    findings: statuses.map((status, i) => ({ id: `r${i}`, status, possible: 1, earned: 0 })),
    scenarios: [
      { name: 'a', outcome: 'PASSED' },
      { name: 'b', outcome: 'BLOCKED' },
    ],
  } as unknown as Api<'CheckReport'>;
}

describe('a report as claims', () => {
  it('puts first what waits for a person, then what is wrong', () => {
    const claims = requirementsOf(report('MET', 'UNMET', 'NOT_APPLICABLE', 'UNCLEAR', 'PARTLY'));

    expect(claims.map((c) => c.verdict)).toEqual(['UNCLEAR', 'MISSING', 'PARTLY', 'MET', 'NOT_APPLICABLE']);
    expect(scenariosOf(report()).map((c) => c.item)).toEqual(['scenario:b', 'scenario:a']);
  });

  it('tells of changed points by the sentence they are for', () => {
    const text = {
      pieces: [{ text: 'The work of ' }, { text: 'bill()', code: true }, { text: ' is left.' }],
    };
    const found = { findings: [{ id: 'delegates', text }], scenarios: [] } as unknown as Api<'CheckReport'>;

    expect(nameOf('requirement:delegates', found)).toBe('The work of bill() is left.');
    expect(nameOf('scenario:The strategy in use answers.', found)).toBe('The strategy in use answers.');
    expect(nameOf('requirement:delegates')).toBe('delegates');
  });

  it('is summed up in a sentence', () => {
    expect(summary(report('MET', 'MET'))).toBe('Both claims hold.');
    expect(summary(report('MET', 'UNMET', 'UNMET', 'UNCLEAR'))).toBe(
      'One of four claims holds. Two do not, one needs you.',
    );
    expect(summary(report('UNMET', 'NOT_APPLICABLE'))).toBe('The one claim does not hold.');
    expect(summary(report('UNCLEAR'))).toBe('The one claim needs you.');
    expect(summary(report('MET'))).toBe('The one claim holds.');
    expect(summary(report('UNMET', 'UNMET', 'PARTLY'))).toBe('None of the three claims holds.');
    expect(summary(report('UNMET', 'UNCLEAR'))).toBe(
      'None of two claims holds. One does not, one needs you.',
    );
    expect(summary(report('NOT_APPLICABLE'))).toBe('Nothing is asked of the structure here.');
  });

  it('is headed by the form that was found, or says that none was', () => {
    expect(heading(report(), 'Null Object')).toBe('Null Object, held by the context');
    expect(heading({ ...report(), form: undefined }, 'Null Object')).toBe('No Null Object was found');
  });
});

describe('stretches of evidence', () => {
  const at = (file: string, line: number, endLine = line) => ({ file, line, endLine, note: '' });

  it('shows together what lies close together', () => {
    const found = stretches([at('Ship.java', 12), at('Ship.java', 9), at('Quay.java', 3)], () => 40, 1);

    expect(found.map((s) => [s.file, s.from, s.to])).toEqual([
      ['Quay.java', 2, 4],
      ['Ship.java', 8, 13],
    ]);
    expect([...found[1]!.marked]).toEqual([9, 12]);
  });

  it('stays inside the file and cuts what is long', () => {
    const [first] = stretches([at('Ship.java', 1, 30)], () => 5, 1);

    expect([first!.from, first!.to, first!.marked.size]).toEqual([1, 5, 9]);
  });
});
