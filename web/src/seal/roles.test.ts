import { initials, spoken } from './roles';

describe('initials', () => {
  it('takes the first letters of one word and the initials of several', () => {
    const letters = initials(['Context', 'Strategy', 'ConcreteStrategy']);

    expect(Object.fromEntries(letters)).toEqual({ Context: 'Co', Strategy: 'St', ConcreteStrategy: 'CS' });
  });

  it('never gives two roles the same letters', () => {
    const letters = initials(['Composite', 'Component', 'Command', 'ConcreteCommand', 'ConcreteComposite']);

    expect(new Set(letters.values()).size).toBe(5);
  });
});

it('says a role as words', () => {
  expect(spoken('ConcreteStrategy')).toBe('Concrete strategy');
  expect(spoken('Leaf')).toBe('Leaf');
});
