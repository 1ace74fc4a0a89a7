import type { Api } from '../api/client';
import type { GivenScheme } from '../api/ledger';

/** A part as it stands in the fields; numbers as they are typed. */
export type PartDraft = {
  key: number;
  title: string;
  weight: string;
  exercises: number[];
  best: string;
  alike: boolean;
  bonus: boolean;
  minimum: string;
};
export type StepDraft = { key: number; from: string; grade: string; passes: boolean };
export type Draft = {
  parts: PartDraft[];
  places: number;
  rounding: GivenScheme['rounding'];
  steps: StepDraft[];
};

let keys = 0;
export const newKey = () => ++keys;

/** A number as it is typed, with a point or a comma; undefined where there is none. */
export function typed(text: string): number | undefined {
  const plain = text.trim().replace(',', '.');
  const n = Number(plain);
  return plain === '' || Number.isNaN(n) ? undefined : n;
}

export function draftOf(scheme: Api<'Scheme'>): Draft {
  return {
    places: scheme.places,
    rounding: scheme.rounding,
    parts: scheme.parts.map((p) => ({
      key: newKey(),
      title: p.title,
      weight: String(p.weight),
      exercises: p.exercises,
      best: p.best === undefined ? '' : String(p.best),
      alike: p.alike,
      bonus: p.bonus,
      minimum: p.minimum === undefined ? '' : String(p.minimum),
    })),
    steps: scheme.scale.steps.map((s) => ({
      key: newKey(),
      from: String(s.from),
      grade: s.grade,
      passes: s.passes,
    })),
  };
}

export function given(draft: Draft): GivenScheme {
  return {
    places: draft.places,
    rounding: draft.rounding,
    parts: draft.parts.map((p) => ({
      title: p.title,
      weight: typed(p.weight) ?? 0,
      exercises: p.exercises,
      best: typed(p.best),
      alike: p.alike,
      bonus: p.bonus,
      minimum: typed(p.minimum),
    })),
    steps: draft.steps.map((s) => ({ from: typed(s.from) ?? 0, grade: s.grade, passes: s.passes })),
  };
}

const steps = (all: [number, string, boolean][]): StepDraft[] =>
  all.map(([from, grade, passes]) => ({ key: newKey(), from: String(from), grade, passes }));

/** Scales to begin with. */
export const scales: Record<string, () => StepDraft[]> = {
  'No grades': () => [],
  'Passed or not': () =>
    steps([
      [50, 'passed', true],
      [0, 'not passed', false],
    ]),
  Letters: () =>
    steps([
      [90, 'A', true],
      [80, 'B', true],
      [70, 'C', true],
      [60, 'D', true],
      [50, 'E', true],
      [0, 'F', false],
    ]),
  'Numbers from 1.0 to 5.0': () =>
    steps([
      [95, '1.0', true],
      [90, '1.3', true],
      [85, '1.7', true],
      [80, '2.0', true],
      [75, '2.3', true],
      [70, '2.7', true],
      [65, '3.0', true],
      [60, '3.3', true],
      [55, '3.7', true],
      [50, '4.0', true],
      [0, '5.0', false],
    ]),
};
