import type { Api } from '../api/client';
import type { Part, Said, Sentences } from '../api/notation';
import type { Option } from './Choice';

export type Vocabulary = Api<'VocabularyView'>;
type Kind = Sentences['names'][number]['kind'];

export const quantities: { value: Said['quantity']; words: string; counts: boolean }[] = [
  { value: 'EVERY', words: 'every', counts: false },
  { value: 'SOME', words: 'some', counts: false },
  { value: 'NO', words: 'no', counts: false },
  { value: 'EXACTLY', words: 'exactly', counts: true },
  { value: 'AT_LEAST', words: 'at least', counts: true },
  { value: 'AT_MOST', words: 'at most', counts: true },
];

const slots = /^(ROLE|OPERATION|FIELD|NUMBER)$/;

export function slotsOf(words: string): string[] {
  return words.split(' ').filter((w) => slots.test(w));
}

export function kindOf(name: string, sentences: Sentences): Kind | undefined {
  return sentences.names.find((n) => n.name === name)?.kind;
}

/** What can be said of a subject: relations first, then of which sort a type is. */
export function sayable(subject: string, sentences: Sentences, vocabulary: Vocabulary): Option[] {
  const kind = kindOf(subject, sentences) ?? 'ROLE';
  const of = kind === 'ROLE' ? 'TYPE' : kind;
  const relations = vocabulary.relations
    .filter((r) => r.of.includes(of))
    // one that speaks of something nobody has declared cannot be filled in
    .filter((r) => slotsOf(r.words).every((s) => s === 'NUMBER' || named(s, sentences).length > 0))
    .map((r) => ({ value: r.words, label: r.words, about: r.meaning }));
  const sorts =
    of === 'TYPE'
      ? vocabulary.sorts.map((s) => ({ value: `is a ${s}`, label: `is ${article(s)} ${s}` }))
      : [];
  return [...relations, ...sorts];
}

export function article(word: string): string {
  return /^[aei]/.test(word) ? 'an' : 'a';
}

/** Names that can fill a slot. */
export function named(slot: string, sentences: Sentences): string[] {
  return sentences.names.filter((n) => n.kind === slot).map((n) => n.name);
}

/** The part with another relation or sort; names that still fit stay. */
export function saidOtherwise(
  part: Part,
  chosen: string,
  sentences: Sentences,
  vocabulary: Vocabulary,
): Part {
  const relation = vocabulary.relations.find((r) => r.words === chosen);
  if (!relation) {
    return { negative: part.negative, sort: chosen.replace(/^is an? /, ''), names: [] };
  }
  const before = [...part.names];
  const names = slotsOf(chosen).map((slot) => {
    if (slot === 'NUMBER') {
      return '2';
    }
    const fitting = before.findIndex((n) => kindOf(n, sentences) === slot);
    return fitting >= 0 ? before.splice(fitting, 1)[0]! : named(slot, sentences)[0]!;
  });
  return { negative: part.negative, words: chosen, names };
}

/** A condition about another subject; what can be said of that one too stays. */
export function aboutOther(said: Said, subject: string, sentences: Sentences, vocabulary: Vocabulary): Said {
  const possible = sayable(subject, sentences, vocabulary);
  const parts = said.parts.filter((p) => possible.some((o) => o.value === (p.words ?? `is a ${p.sort}`)));
  return { ...said, subject, parts: parts.length > 0 ? parts : [firstPart(subject, sentences, vocabulary)] };
}

/** Something to begin with, to be changed at once. */
export function firstPart(subject: string, sentences: Sentences, vocabulary: Vocabulary): Part {
  const first = sayable(subject, sentences, vocabulary)[0]!.value;
  return saidOtherwise({ negative: false, names: [] }, first, sentences, vocabulary);
}

export function newCondition(sentences: Sentences, vocabulary: Vocabulary): Said {
  const subject = sentences.names[0]!.name;
  return {
    quantity: 'EVERY',
    count: 0,
    subject,
    alone: false,
    parts: [firstPart(subject, sentences, vocabulary)],
    text: '',
  };
}

/** An id that nobody has yet, made of the first words of a sentence. */
export function freeId(text: string, sentences: Sentences): string {
  const taken = new Set([
    ...sentences.claims.map((c) => c.id),
    ...sentences.forms.flatMap((f) => f.claims.map((c) => c.id)),
  ]);
  const word = /\p{Ll}{3,}/u.exec(text.replace(/\{[^}]*\}/g, ' '))?.[0] ?? 'claim';
  let id = word;
  for (let n = 2; taken.has(id); n++) {
    id = `${word}-${n}`;
  }
  return id;
}
