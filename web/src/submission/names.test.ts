import { describe, expect, it } from 'vitest';
import { filled, generalised } from './names';

const report = {
  roles: { Context: ['BerthOffice'], Strategy: ['Fee'], ConcreteStrategy: ['Flat', 'lambda'], Creator: [] },
  members: { algorithm: ['Fee.of', 'Flat.of'] },
};

describe('a remark of the library', () => {
  it("takes the student's names", () => {
    expect(filled('{Context} asks {Strategy} by {algorithm}; see {ConcreteStrategy}.', report)).toBe(
      '`BerthOffice` asks `Fee` by `of()`; see `Flat`, a function.',
    );
  });

  it('says in words what nobody plays, and leaves other braces', () => {
    expect(filled('No {Creator} here, {} and {1}.', report)).toBe('No the creator here, {} and {1}.');
  });

  it('is kept with the roles in place of the names', () => {
    expect(generalised('`BerthOffice` should call of() of Fee, not FeeTable.', report)).toBe(
      '{Context} should call {algorithm} of {Strategy}, not FeeTable.',
    );
  });
});
