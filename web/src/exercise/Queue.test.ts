import { spokenSpan } from './Queue';

describe('spokenSpan', () => {
  it('says seconds, minutes and hours as one does', () => {
    expect(spokenSpan(4)).toBe('a few seconds');
    expect(spokenSpan(41)).toBe('about 50 seconds');
    expect(spokenSpan(200)).toBe('about 3 minutes');
    expect(spokenSpan(9_000)).toBe('about 3 hours');
  });
});
