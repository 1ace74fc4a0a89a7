import { cell } from './Links';

describe('cell', () => {
  it('quotes what CSV would take apart and marks what a spreadsheet would run', () => {
    expect(cell('Jorun Tormählen')).toBe('Jorun Tormählen');
    expect(cell('Tormählen, Jorun')).toBe('"Tormählen, Jorun"');
    expect(cell('=1+1')).toBe("'=1+1");
    expect(cell('say "Moin"')).toBe('"say ""Moin"""');
  });
});
