import { spokenTime } from './time';

describe('spokenTime', () => {
  const now = new Date(2026, 10, 25, 15, 0, 0);
  const at = (day: number, hour: number, minute = 0) => new Date(2026, 10, day, hour, minute).toISOString();

  it('says what was just now, minutes ago, today and yesterday', () => {
    expect(spokenTime(at(25, 14, 59), now)).toBe('just now');
    expect(spokenTime(at(25, 14, 20), now)).toBe('40 minutes ago');
    expect(spokenTime(at(25, 9, 5), now)).toBe('today, 09:05');
    expect(spokenTime(at(24, 23, 59), now)).toBe('yesterday, 23:59');
    expect(spokenTime(at(26, 8), now)).toBe('tomorrow, 08:00');
  });

  it('names the day of what is further away', () => {
    expect(spokenTime(at(17, 21, 40), now)).toBe('Tue 17 Nov, 21:40');
  });
});
