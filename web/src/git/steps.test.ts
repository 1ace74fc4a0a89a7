import { beforeOf, changes, counts, standing, type StepView } from './steps';

function step(more: Partial<StepView> = {}): StepView {
  return {
    commit: { hash: 'a'.repeat(40), message: 'One', committedAt: '2026-11-30T08:00:00Z' },
    checked: true,
    compiled: true,
    met: 0,
    judged: 0,
    green: 0,
    red: [],
    roles: [],
    health: [],
    ...more,
  };
}

it('says how a step stands', () => {
  expect(standing(step({ problem: 'No sources.' })).word).toBe('nothing to check');
  expect(standing(step({ checked: false })).word).toBe('being checked');
  expect(standing(step({ compiled: false }))).toEqual({ verdict: 'MISSING', word: 'does not compile' });
  expect(standing(step({ green: 3, red: ['a'] }))).toEqual({ verdict: 'PARTLY', word: '1 went wrong' });
  expect(standing(step({ green: 3 })).word).toBe('all 3 went well');
  expect(standing(step()).word).toBe('compiles');
});

it('counts against the step before, and at first against the code that was handed out', () => {
  const first = step({ health: [{ name: 'branches', before: 9, after: 7 }] });
  const second = step({
    health: [
      { name: 'branches', before: 9, after: 3 },
      { name: 'null checks', after: 2 },
    ],
  });

  expect(counts(first)).toEqual(['branches 9 → 7']);
  expect(counts(second, first)).toEqual(['branches 7 → 3', 'null checks 2']);
  expect(counts(first, first)).toEqual([]);
});

it('says who came to play a role and who no longer does', () => {
  const s = step({ roles: [{ role: 'Strategy', came: ['ByMetre', 'Flat'], went: ['Office'] }] });

  expect(changes(s)).toEqual([
    { role: 'Strategy', text: 'ByMetre and Flat play it now, Office no longer does' },
  ]);
});

it('compares with the last step that was looked at', () => {
  const steps = [step({ met: 1 }), step({ checked: false }), step()];

  expect(beforeOf(steps, 2)).toBe(steps[0]);
  expect(beforeOf(steps, 0)).toBeUndefined();
});
