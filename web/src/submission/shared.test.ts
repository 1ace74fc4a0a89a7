import { expect, it } from 'vitest';
import type { Api } from '../api/client';
import type { Claim } from './claims';
import { restingOf } from './shared';

const lines = (file: string, line: number) => ({ file, line, endLine: line + 2, note: '' });

function claim(id: string, evidence: Api<'Evidence'>[]): Extract<Claim, { kind: 'requirement' }> {
  const text = { pieces: [{ text: `Claim ${id}.`, isCode: false }] };
  return {
    kind: 'requirement',
    item: `requirement:${id}`,
    verdict: 'MISSING',
    finding: { id, text, evidence } as unknown as Api<'Finding'>,
  };
}

it('shows lines once, with the claim that names them first', () => {
  const resting = restingOf([
    claim('a', [lines('Fee.java', 3), lines('Office.java', 9)]),
    claim('b', [lines('Office.java', 9)]),
    claim('c', [lines('Main.java', 1), lines('Fee.java', 3), lines('Office.java', 9)]),
  ]);

  expect(resting.get('a')).toMatchObject({ elsewhere: [], alsoFor: [{ id: 'b' }, { id: 'c' }] });
  expect(resting.get('b')).toMatchObject({
    own: [],
    elsewhere: [{ id: 'a', text: '“Claim b.”'.replace('b', 'a') }],
  });
  expect(resting.get('c')!.own).toEqual([lines('Main.java', 1)]);
});

it('shows lines that one claim names twice with that claim', () => {
  const resting = restingOf([claim('a', [lines('Fee.java', 3), lines('Fee.java', 3)])]);

  expect(resting.get('a')!.elsewhere).toEqual([]);
});
