import { describe, expect, it, vi } from 'vitest';
import { draw, moved, ROW, threadWidth, type Inks } from './strokes';

const inks: Inks = { MET: 'green', PARTLY: 'ochre', MISSING: 'red', UNCLEAR: 'blue', NOT_APPLICABLE: 'grey' };

function pen() {
  return {
    beginPath: vi.fn(),
    moveTo: vi.fn(),
    lineTo: vi.fn(),
    stroke: vi.fn(),
    strokeStyle: '',
    lineWidth: 0,
  };
}

describe('the weave', () => {
  it('gives few submissions room and many none to waste', () => {
    expect(threadWidth(10, 800)).toBe(18);
    expect(threadWidth(80, 800)).toBe(10);
    expect(threadWidth(1000, 800)).toBe(6);
    expect(threadWidth(0, 800)).toBe(18);
  });

  it('draws one part for what is met, two for what is missing, none for what does not apply', () => {
    const p = pen();

    draw(p as unknown as CanvasRenderingContext2D, ['m-', 'x-'], { left: 0, width: 10 }, inks);

    expect(p.moveTo).toHaveBeenCalledTimes(3);
    expect(p.moveTo).toHaveBeenCalledWith(5, 2);
    expect(p.lineTo).toHaveBeenCalledWith(15, ROW - 2);
  });

  it('is walked by keys within its bounds', () => {
    const size = { rows: 3, columns: 5 };

    expect(moved('ArrowRight', { row: 0, column: 4 }, size)).toEqual({ row: 0, column: 4 });
    expect(moved('PageDown', { row: 1, column: 0 }, size)).toEqual({ row: 1, column: 4 });
    expect(moved('Home', { row: 2, column: 3 }, size)).toEqual({ row: 2, column: 0 });
    expect(moved('q', { row: 0, column: 0 }, size)).toBeUndefined();
  });
});
