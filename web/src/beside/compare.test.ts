import { describe, expect, it } from 'vitest';
import type { Api } from '../api/client';
import { formDifferences, turns, type Piece } from './compare';

function piece(
  title: string,
  statuses: Api<'Finding'>['status'][],
  strategies: string[],
  keyword?: string,
): Piece {
  return {
    key: title,
    title,
    note: '',
    sources: [],
    report: {
      form: 'held by the context',
      roles: { ConcreteStrategy: strategies },
      findings: statuses.map((status, i) => ({
        id: `r${i}`,
        status,
        text: { pieces: [{ text: `Claim ${i}.`, isCode: false }] },
      })),
      scenarios: [],
      diagram: {
        classifiers: strategies.map((s) => ({
          id: s,
          name: s,
          keyword,
          isAbstract: false,
          roles: ['ConcreteStrategy'],
        })),
      },
    } as unknown as Api<'CheckReport'>,
  };
}

describe('submissions side by side', () => {
  it('name the claims that do not stand alike', () => {
    const found = turns([piece('Fenja', ['MET', 'UNMET'], []), piece('Nis', ['MET', 'MET'], [])]);

    expect(found.map((t) => [t.item, t.verdicts])).toEqual([['requirement:r1', ['MISSING', 'MET']]]);
  });

  it('count what is asked in one only as not applying in the other', () => {
    const found = turns([piece('Fenja', ['MET'], []), piece('Nis', [], [])]);

    expect(found[0]!.verdicts).toEqual(['MET', 'NOT_APPLICABLE']);
  });

  it('say in what their forms differ', () => {
    const differences = formDifferences([
      piece('Fenja', [], ['A', 'B']),
      piece('Nis', [], ['f'], 'function'),
      piece('Okke', [], []),
    ]);

    expect(differences).toEqual([
      'Concrete strategy: 2 classes in Fenja, one function in Nis, nobody in Okke',
    ]);
  });

  it('say nothing where all are alike', () => {
    expect(formDifferences([piece('Fenja', [], ['A']), piece('Nis', [], ['B'])])).toEqual([]);
  });
});
