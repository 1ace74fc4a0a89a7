import type { Verdict } from '../verdict/verdict';

/** What a letter of the weave stands for. */
export const verdicts: Record<string, Verdict> = {
  m: 'MET',
  p: 'PARTLY',
  x: 'MISSING',
  u: 'UNCLEAR',
  '-': 'NOT_APPLICABLE',
};

/** Height of a claim's row, in pixels. */
export const ROW = 26;
const WIDEST = 18;
const NARROWEST = 6;

/** How wide a submission's thread is, where so many have so much room. */
export function threadWidth(submissions: number, room: number): number {
  return Math.max(NARROWEST, Math.min(WIDEST, Math.floor(room / Math.max(1, submissions))));
}

export type Inks = Record<Verdict, string>;

/**
 * Draws threads: whole where a claim is met, dashed where partly, broken where missing, dotted where a person is asked.
 *
 * @param strokes of each submission that is in view, from the first
 * @param left where the first begins
 */
export function draw(
  pen: CanvasRenderingContext2D,
  strokes: string[],
  at: { left: number; width: number },
  inks: Inks,
): void {
  // all of one kind at once: what a pen does not have to change costs nothing
  for (const [letter, verdict] of Object.entries(verdicts)) {
    pen.beginPath();
    pen.strokeStyle = inks[verdict];
    pen.lineWidth = Math.max(2, Math.min(5, at.width * 0.38));
    for (let i = 0; i < strokes.length; i++) {
      const x = at.left + (i + 0.5) * at.width;
      const column = strokes[i]!;
      for (let j = 0; j < column.length; j++) {
        if (column[j] === letter) {
          thread(pen, verdict, x, j * ROW + 2, ROW - 4);
        }
      }
    }
    pen.stroke();
  }
}

function thread(pen: CanvasRenderingContext2D, verdict: Verdict, x: number, y: number, height: number) {
  const part = (from: number, to: number) => {
    pen.moveTo(x, y + from * height);
    pen.lineTo(x, y + to * height);
  };
  switch (verdict) {
    case 'MET':
      part(0, 1);
      break;
    case 'PARTLY':
      part(0, 0.26);
      part(0.37, 0.63);
      part(0.74, 1);
      break;
    case 'MISSING':
      part(0, 0.3);
      part(0.7, 1);
      break;
    case 'UNCLEAR':
      part(0.06, 0.16);
      part(0.32, 0.42);
      part(0.58, 0.68);
      part(0.84, 0.94);
      break;
    case 'NOT_APPLICABLE':
      break;
  }
}

/** Where a key moves what it is on, within the table; undefined for keys that do not. */
export function moved(
  key: string,
  at: { row: number; column: number },
  size: { rows: number; columns: number },
): { row: number; column: number } | undefined {
  const by: Record<string, [number, number]> = {
    ArrowLeft: [0, -1],
    ArrowRight: [0, 1],
    ArrowUp: [-1, 0],
    ArrowDown: [1, 0],
    PageUp: [0, -20],
    PageDown: [0, 20],
    Home: [0, -size.columns],
    End: [0, size.columns],
  };
  const step = by[key];
  return (
    step && {
      row: Math.max(0, Math.min(size.rows - 1, at.row + step[0])),
      column: Math.max(0, Math.min(size.columns - 1, at.column + step[1])),
    }
  );
}
