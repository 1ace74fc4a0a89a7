import { describe, expect, it } from 'vitest';
import type { Api } from '../api/client';
import { laid, looped, nested, type Step } from './sequence';

type Message = Api<'CallSequence'>['messages'][number];

const call = (from: string, to: string, operation: string, result?: string): Message => ({
  from,
  to,
  operation,
  arguments: [],
  result,
  thread: 0,
});

const calls = (messages: Message[], brokenAt?: number): Api<'CallSequence'> => ({
  participants: [
    { id: 'o1', name: 'office', type: 'Office' },
    { id: 'o2', name: 'fee', type: 'Flat' },
  ],
  messages,
  brokenAt,
  cut: false,
});

const steps = (messages: Message[]): Step[] => nested(messages).map((c) => ({ kind: 'call', call: c }));

describe('a sequence of calls', () => {
  it('lies within the calls that made it', () => {
    const top = nested([
      call('', 'o1', 'new'),
      call('', 'o1', 'bill', '7'),
      call('o1', 'o2', 'of', '7'),
      call('', 'o1', 'bill', '7'),
    ]);

    expect(top.map((c) => c.inner.length)).toEqual([0, 1, 0]);
  });

  it('goes back to whoever called, however deep it was', () => {
    const top = nested([call('', 'a', 'f'), call('a', 'b', 'g'), call('b', 'c', 'h'), call('a', 'd', 'k')]);

    expect(top[0]!.inner).toHaveLength(2);
  });

  it('stands once where it is made over and over', () => {
    const again = [call('', 'o1', 'ring'), call('o1', 'o2', 'hear')];
    const found = looped(steps([...again, ...again, ...again, call('', 'o1', 'stop')]));

    expect(found.map((s) => s.kind)).toEqual(['loop', 'call']);
    expect(found[0]).toMatchObject({ times: 3 });
  });

  it('is drawn in full where it is made twice, or to others', () => {
    const found = looped(
      steps([call('', 'a', 'ring'), call('', 'a', 'ring'), call('', 'b', 'ring'), call('', 'c', 'ring')]),
    );

    expect(found.every((s) => s.kind === 'call')).toBe(true);
  });

  it('has a head where its object is made, an answer, and bars', () => {
    const d = laid(
      calls([call('', 'o1', 'new'), call('', 'o1', 'bill', '7'), call('o1', 'o2', 'of', '7')]),
      'scenario',
      24,
    );

    expect(d.columns.find((c) => c.id === 'o1')!.head).toBeGreaterThan(0);
    expect(d.columns.find((c) => c.id === 'o2')!.head).toBe(0);
    expect(d.rows.filter((r) => r.kind === 'reply')).toHaveLength(2);
    expect(d.bars).toHaveLength(3);
    // whatever was drawn later stands lower
    const ys = d.rows.map((r) => r.y);
    expect([...ys].sort((a, b) => a - b)).toEqual(ys);
  });

  it('shows where it broke, once', () => {
    const d = laid(calls([call('', 'o1', 'bill', '7'), call('', 'o1', 'bill', '9')], 2), 'scenario', 24);

    expect(d.rows.filter((r) => r.kind === 'broken')).toHaveLength(1);
    expect(d.rows.at(-1)!.kind).toBe('broken');
  });

  it('is not marked where the break lies beyond what is drawn', () => {
    const d = laid(calls([call('', 'o1', 'a'), call('', 'o1', 'b'), call('', 'o1', 'c')], 3), 'scenario', 2);

    expect(d.rows.some((r) => r.kind === 'broken')).toBe(false);
  });
});
