import { describe, expect, it } from 'vitest';
import { lanesOf } from './ClassDiagram';

describe('lanes of the lines in a class diagram', () => {
  it('lie apart where two lines from one box run into another', () => {
    const realises = { start: 555, slot: 467 };
    const holds = { start: 603, slot: 503 };

    const lanes = lanesOf([realises, holds]);

    // the one that ends further out runs above, so that they do not cross
    expect([lanes.get(holds), lanes.get(realises)]).toEqual([0, 1]);
  });

  it('are the same where lines do not meet', () => {
    const left = { start: 100, slot: 200 };
    const right = { start: 400, slot: 300 };

    const lanes = lanesOf([left, right]);

    expect([lanes.get(left), lanes.get(right)]).toEqual([0, 0]);
  });

  it('are mirrored for lines from the left', () => {
    const outer = { start: 100, slot: 200 };
    const inner = { start: 150, slot: 250 };

    const lanes = lanesOf([inner, outer]);

    expect([lanes.get(outer), lanes.get(inner)]).toEqual([0, 1]);
  });
});
