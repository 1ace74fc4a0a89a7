import { ProblemError } from '../api/client';
import { AGAIN, QUIET, SavedText, type Server } from './SavedText';

function shelf() {
  const kept = new Map<string, string>();
  return {
    kept,
    getItem: (k: string) => kept.get(k) ?? null,
    setItem: (k: string, v: string) => void kept.set(k, v),
    removeItem: (k: string) => void kept.delete(k),
  };
}

const stored = { text: 'One.', revision: 5 };

function opened(save: Server['save'], on = shelf()) {
  const load = vi.fn(async () => ({ text: 'Theirs.', revision: 9 }));
  return { text: new SavedText('k', stored, { save, load }, on), on };
}

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());

it('sends what was typed once it is quiet, on the revision it was written on', async () => {
  const save = vi.fn(async () => 6);
  const { text, on } = opened(save);

  text.change('One. Two');
  text.change('One. Two.');
  expect(on.kept.size).toBe(1);
  await vi.advanceTimersByTimeAsync(QUIET);

  expect(save.mock.calls).toEqual([['One. Two.', 5]]);
  expect(text.snapshot().saving.kind).toBe('saved');
  expect(on.kept.size).toBe(0);
});

it('sends one after the other, and what was typed meanwhile on the new revision', async () => {
  let done: (revision: number) => void = () => undefined;
  const save = vi.fn(() => new Promise<number>((resolve) => (done = resolve)));
  const { text } = opened(save);

  text.change('a');
  await vi.advanceTimersByTimeAsync(QUIET);
  text.change('ab');
  await vi.advanceTimersByTimeAsync(QUIET);
  expect(save).toHaveBeenCalledTimes(1);
  done(6);
  await vi.advanceTimersByTimeAsync(QUIET);

  expect(save.mock.calls).toEqual([
    ['a', 5],
    ['ab', 6],
  ]);
});

it('keeps what could not be sent, and sends it again', async () => {
  const save = vi.fn<Server['save']>().mockRejectedValueOnce(new Error('away')).mockResolvedValue(6);
  const { text, on } = opened(save);

  text.change('Two.');
  await vi.advanceTimersByTimeAsync(QUIET);
  expect(text.snapshot().saving.kind).toBe('unsent');
  expect(on.kept.get('k')).toContain('Two.');
  await vi.advanceTimersByTimeAsync(AGAIN);

  expect(text.snapshot().saving.kind).toBe('saved');
});

it('brings back what a closed tab left unsent', async () => {
  const before = opened(vi.fn(async () => Promise.reject(new Error('away'))));
  before.text.change('Not sent.');

  const save = vi.fn(async () => 6);
  const after = opened(save, before.on).text;
  await after.flush();

  expect(after.snapshot().text).toBe('Not sent.');
  expect(save.mock.calls).toEqual([['Not sent.', 5]]);
});

it('shows what somebody else wrote, and overwrites it only when told to', async () => {
  const save = vi
    .fn<Server['save']>()
    .mockRejectedValueOnce(new ProblemError(412, 'Jonte has written here.'))
    .mockResolvedValue(10);
  const { text } = opened(save);

  text.change('Mine.');
  await vi.advanceTimersByTimeAsync(QUIET);
  const saving = text.snapshot().saving;
  expect(saving).toEqual({
    kind: 'conflict',
    why: 'Jonte has written here.',
    theirs: { text: 'Theirs.', revision: 9 },
  });
  text.change('Mine, too.');
  await vi.advanceTimersByTimeAsync(AGAIN);
  expect(save).toHaveBeenCalledTimes(1);

  text.settle({ text: 'Theirs.', revision: 9 }, true);
  await vi.advanceTimersByTimeAsync(0);
  expect(save.mock.calls[1]).toEqual(['Mine, too.', 9]);
});

it('knows its own text again where the answer to it was lost', async () => {
  const { text, on } = opened(vi.fn(async () => Promise.reject(new ProblemError(412, 'Written.'))));

  text.change('Theirs.');
  await vi.advanceTimersByTimeAsync(QUIET);

  expect(text.snapshot()).toEqual({ text: 'Theirs.', saving: { kind: 'saved' } });
  expect(on.kept.get('k')).toBeUndefined();
});

it('takes theirs where that is wanted, and forgets its own', async () => {
  const { text, on } = opened(vi.fn(async () => Promise.reject(new ProblemError(412, 'Written.'))));
  text.change('Mine.');
  await vi.advanceTimersByTimeAsync(QUIET);

  text.settle({ text: 'Theirs.', revision: 9 }, false);

  expect(text.snapshot()).toEqual({ text: 'Theirs.', saving: { kind: 'saved' } });
  expect(on.kept.size).toBe(0);
});

it('does not send again what was refused before it is changed', async () => {
  const save = vi.fn(async () => Promise.reject(new ProblemError(400, 'No time zone.')));
  const { text } = opened(save);

  text.change('zone: Mars');
  await vi.advanceTimersByTimeAsync(QUIET + AGAIN);

  expect(save).toHaveBeenCalledTimes(1);
  expect(text.snapshot().saving).toEqual({ kind: 'refused', why: 'No time zone.' });
});

it('takes over what is newer, unless something of its own is unsent', () => {
  const { text } = opened(vi.fn(async () => 6));

  text.adopt({ text: 'Newer.', revision: 6 });
  expect(text.snapshot().text).toBe('Newer.');
  text.change('Mine.');
  text.adopt({ text: 'Newer still.', revision: 7 });
  expect(text.snapshot().text).toBe('Mine.');
});
