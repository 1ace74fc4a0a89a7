import { saidOf, what } from './said';

describe('a decision in a sentence', () => {
  it('says points from what to what, and what for', () => {
    expect(saidOf({ what: 'POINTS', item: 'requirement:two-algorithms', before: '2', after: '0.5' })).toBe(
      '2 → 0.5 points for two algorithms',
    );
    expect(saidOf({ what: 'POINTS', item: 'requirement:delegates', before: '2' })).toContain('as proposed');
  });

  it('cuts what is long and puts it on one line', () => {
    const said = saidOf({ what: 'FEEDBACK', after: `Well\n\ndone ${'so '.repeat(200)}` });

    expect(said).toContain('Well done');
    expect(said.length).toBeLessThan(190);
  });

  it('says what was taken away', () => {
    expect(saidOf({ what: 'EXCUSE', before: 'Ill.' })).toBe('no longer excused (Ill.)');
    expect(saidOf({ what: 'RETURNED', after: 'false' })).toBe('taken back from the student');
    expect(saidOf({ what: 'HAND_BACK', before: '3 given back' })).toContain('taken back');
  });

  it('has words for everything that can be chosen', () => {
    Object.keys(what).forEach((key) => expect(saidOf({ what: key, after: '1', before: '0' })).not.toBe(key));
  });
});
