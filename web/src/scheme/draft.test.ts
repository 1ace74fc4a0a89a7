import { draftOf, given, scales, typed } from './draft';

describe('a scheme in its fields', () => {
  it('reads numbers with a point or a comma', () => {
    expect(typed('2,5')).toBe(2.5);
    expect(typed(' 3 ')).toBe(3);
    expect(typed('')).toBeUndefined();
    expect(typed('much')).toBeUndefined();
  });

  it('goes into the fields and comes back as it was', () => {
    const scheme = {
      places: 1,
      rounding: 'DOWN' as const,
      parts: [
        { title: 'Weekly', weight: 2, exercises: [4, 7], best: 1, alike: true, bonus: false, minimum: 50 },
      ],
      scale: { steps: [{ from: 0, grade: 'there', passes: true }] },
    };
    const { scale, ...rest } = scheme;

    expect(given(draftOf(scheme))).toEqual({ ...rest, steps: scale.steps });
  });

  it('leaves out what is not typed', () => {
    const draft = draftOf({
      places: 0,
      rounding: 'NEAREST',
      parts: [{ title: 'Weekly', weight: 1, exercises: [], alike: false, bonus: false }],
      scale: { steps: [] },
    });

    expect(given(draft).parts[0]).toMatchObject({ best: undefined, minimum: undefined });
  });

  it.each(Object.entries(scales))('begins with a scale that ends at nothing: %s', (_, make) => {
    const all = make();
    expect(all.length === 0 || all.at(-1)!.from === '0').toBe(true);
  });
});
