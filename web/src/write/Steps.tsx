import { useState, type ReactNode } from 'react';
import type { Edit, Sentences } from '../api/notation';
import { Seal } from '../seal/Seal';
import { spoken } from '../seal/roles';
import { Choice, Deeds, type Option } from './Choice';
import type { Vocabulary } from './condition';
import { Points } from './fields';
import {
  canBeSaid,
  isSlot,
  otherwise,
  quoted,
  readStep,
  sayStep,
  unquoted,
  variablesOf,
  type Filled,
  type ReadStep,
  type Scope,
  type Shape,
  type Slot,
} from './step';

type Change = (edit: Edit) => void;

/** The steps of a scenario, each a sentence whose parts are chosen. */
export function Steps(props: {
  scenario: Sentences['scenarios'][number];
  sentences: Sentences;
  vocabulary: Vocabulary;
  change: Change;
}) {
  const { scenario: s, vocabulary } = props;
  const scopeAt = (i: number): Scope => ({
    names: props.sentences.names,
    variables: variablesOf(s.steps.slice(0, i), vocabulary.steps, vocabulary.before),
  });
  const all = scopeAt(s.steps.length);
  return (
    <>
      <ul className="mt-1 text-[14px] text-soft" aria-label={`When “${s.name}” is played`}>
        {s.every.length > 0 && <li>for every {s.every.join(', ')}</li>}
        {s.when.map((w) => (
          <li key={w}>
            only when <code className="font-code text-[13px]">{w}</code>
          </li>
        ))}
        {s.shows.length > 0 && <li>speaks for {s.shows.join(', ')}</li>}
      </ul>
      <ol className="mt-1 border-l-2 border-rule pl-3" aria-label={`Steps of “${s.name}”`}>
        {s.steps.map((line, i) => (
          <StepLine
            key={`${i} ${line}`}
            line={line}
            place={s.place}
            index={i}
            last={i === s.steps.length - 1}
            scope={scopeAt(i)}
            vocabulary={vocabulary}
            change={props.change}
          />
        ))}
        <li className="py-0.5 text-[14px]">
          <Choice
            label={`One more step of “${s.name}”`}
            value=""
            shown={<span className="text-soft">one more step</span>}
            options={options(vocabulary.steps, all)}
            onChoose={(words) => {
              const shape = vocabulary.steps.find((x) => x.words === words)!;
              props.change({
                kind: 'LINE_IN',
                place: s.place,
                index: s.steps.length,
                text: sayStep({ before: [], step: otherwise(shape, [], all) }),
              });
            }}
          />
        </li>
      </ol>
    </>
  );
}

function options(shapes: Shape[], scope: Scope): Option[] {
  return shapes
    .filter((s) => canBeSaid(s, scope))
    .map((s) => ({ value: s.words, label: shown(s.words), about: s.meaning }));
}

const blanks: Record<string, string> = {
  NEW: 'NAME',
  VARIABLE: 'object',
  ROLE: 'Role',
  OPERATION: 'operation',
  FIELD: 'field',
  ARGUMENT: '…',
  ARGUMENTS: '…',
  NUMBER: 'N',
  TEXT: '“…”',
};

/** A shape as a menu shows it. */
function shown(words: string): string {
  return words
    .split(' ')
    .map((w) => blanks[w] ?? w)
    .join(' ')
    .replaceAll(' . ', '.')
    .replaceAll(' , ', ', ');
}

function StepLine(props: {
  line: string;
  place: string;
  index: number;
  last: boolean;
  scope: Scope;
  vocabulary: Vocabulary;
  change: Change;
}) {
  const { line, place, index, scope, vocabulary, change } = props;
  const read = readStep(line, vocabulary.steps, vocabulary.before);
  const say = (next: ReadStep) => change({ kind: 'LINE', place, index, text: sayStep(next) });
  // what stands before a step may name what the step itself speaks of
  const own = read?.before.flatMap((b) => b.slots.filter((x) => x.kind === 'NEW').map((x) => x.text)) ?? [];
  const inner = { ...scope, variables: [...scope.variables, ...own] };
  const move = (up: boolean) => change({ kind: 'LINE_MOVE', place, index, flag: up });
  return (
    <li className="flex items-baseline gap-2 py-0.5 text-[14px]">
      <span className="flex min-w-0 flex-1 flex-wrap items-baseline gap-x-1">
        {read ? (
          <>
            {read.before.map((b, i) => (
              <Parts
                key={i}
                filled={b}
                scope={scope}
                shapes={vocabulary.before}
                onChange={(next) => say({ ...read, before: read.before.map((x, k) => (k === i ? next : x)) })}
              />
            ))}
            <Parts
              filled={read.step}
              scope={inner}
              shapes={vocabulary.steps}
              onChange={(step) => say({ ...read, step })}
            />
          </>
        ) : (
          <code className="font-code text-[13px]">{line}</code>
        )}
      </span>
      <Deeds
        label={`More for step ${index + 1}: ${line}`}
        deeds={[
          { text: 'One place up', run: () => move(true), off: index === 0 },
          { text: 'One place down', run: () => move(false), off: props.last },
          ...(read
            ? vocabulary.before
                .filter((b) => canBeSaid(b, scope))
                .map((b) => ({
                  text: `Do it ${shown(b.words)}`,
                  run: () => say({ ...read, before: [otherwise(b, [], scope), ...read.before] }),
                }))
            : []),
          ...(read && read.before.length > 0
            ? [{ text: 'Do it just so', run: () => say({ ...read, before: read.before.slice(1) }) }]
            : []),
          { text: 'Leave it out', run: () => change({ kind: 'LINE_OUT', place, index }) },
        ]}
      />
    </li>
  );
}

/** The words of a step, which open a menu of other steps, with a choice for each thing in them. */
function Parts(props: { filled: Filled; scope: Scope; shapes: Shape[]; onChange: (filled: Filled) => void }) {
  const { filled, scope, onChange } = props;
  const pieces: ReactNode[] = [];
  let words: string[] = [];
  let slot = 0;
  const flush = () => {
    if (words.length > 0) {
      pieces.push(
        words.every((w) => /^[.,]$|^:=$/.test(w)) ? (
          <span key={pieces.length} className="-mx-1">
            {words.join(' ')}
          </span>
        ) : (
          <Choice
            key={pieces.length}
            label="What is done"
            value={shown(filled.shape.words)}
            shown={words.join(' ')}
            options={options(props.shapes, scope)}
            onChoose={(v) =>
              onChange(
                otherwise(
                  props.shapes.find((s) => s.words === v)!,
                  filled.slots,
                  scope,
                ),
              )
            }
          />
        ),
      );
      words = [];
    }
  };
  for (const w of filled.shape.words.split(' ')) {
    if (!isSlot(w)) {
      words.push(w);
      continue;
    }
    flush();
    const at = slot++;
    pieces.push(
      <SlotChoice
        key={pieces.length}
        slot={filled.slots[at]!}
        scope={scope}
        onChange={(text) =>
          onChange({
            ...filled,
            slots: filled.slots.map((s, k) => (k === at ? { ...s, text } : s)),
          })
        }
      />,
    );
  }
  flush();
  return <>{pieces}</>;
}

const labels: Record<Slot['kind'], string> = {
  NEW: 'Its name',
  VARIABLE: 'Object',
  ROLE: 'Role',
  OPERATION: 'Operation',
  FIELD: 'Field',
  ARGUMENT: 'Value',
  ARGUMENTS: 'Value',
  NUMBER: 'Number',
  TEXT: 'Text',
};

function SlotChoice({
  slot,
  scope,
  onChange,
}: {
  slot: Slot;
  scope: Scope;
  onChange: (text: string) => void;
}) {
  switch (slot.kind) {
    case 'NEW':
      return <code className="font-code text-[13px] font-semibold">{slot.text}</code>;
    case 'NUMBER':
      return (
        <Points
          label={labels.NUMBER}
          value={Number(slot.text)}
          whole
          onWritten={(n) => onChange(String(n))}
        />
      );
    case 'TEXT':
      return <TextValue value={slot.text} onChange={onChange} />;
    case 'ARGUMENT':
      return <Argument text={slot.text} scope={scope} onChange={onChange} />;
    case 'ARGUMENTS':
      return <Arguments text={slot.text} scope={scope} onChange={onChange} />;
    case 'VARIABLE':
      return (
        <Choice
          label={labels.VARIABLE}
          value={slot.text}
          code
          options={scope.variables.map((v) => ({ value: v, label: v }))}
          onChoose={onChange}
        />
      );
    default:
      return (
        <Choice
          label={labels[slot.kind]}
          value={slot.text}
          shown={
            slot.kind === 'ROLE' ? (
              <span className="whitespace-nowrap">
                <Seal role={slot.text} /> {spoken(slot.text).toLowerCase()}
              </span>
            ) : (
              <code className="font-code text-[13px]">{slot.text}</code>
            )
          }
          options={scope.names
            .filter((n) => n.kind === slot.kind)
            .map((n) => ({ value: n.name, label: n.name, about: n.doc }))}
          onChoose={onChange}
        />
      );
  }
}

/** A text that is sent once it is left or Enter is pressed. */
function TextValue({ value, onChange }: { value: string; onChange: (text: string) => void }) {
  const [draft, setDraft] = useState<string>();
  const done = () => {
    if (draft !== undefined && quoted(draft) !== value) {
      onChange(quoted(draft));
    }
    setDraft(undefined);
  };
  return (
    <input
      aria-label={labels.TEXT}
      className="field-sizing-content max-w-[280px] min-w-[40px] border-b border-dashed border-soft bg-transparent px-1 font-code text-[13px] hover:bg-tint"
      value={draft ?? unquoted(value)}
      onChange={(e) => setDraft(e.target.value)}
      onBlur={done}
      onKeyDown={(e) => {
        if (e.key === 'Enter') {
          e.currentTarget.blur();
        } else if (e.key === 'Escape') {
          setDraft(undefined);
        }
      }}
    />
  );
}

const ONE_NUMBER = '1';
const ONE_TEXT = '"…"';

function Argument(props: { text: string; scope: Scope; onChange: (text: string) => void }) {
  const { text, scope, onChange } = props;
  const isText = text.startsWith('"');
  const isNumber = /^-?\d/.test(text);
  return (
    <>
      <Choice
        label={labels.ARGUMENT}
        value={isText ? 'a text' : isNumber ? 'a number' : text}
        code={!isText && !isNumber}
        options={[
          { value: 'any', label: 'any', about: 'whatever fits' },
          ...scope.variables.map((v) => ({ value: v, label: v })),
          { value: ONE_NUMBER, label: 'a number' },
          { value: ONE_TEXT, label: 'a text' },
          ...['true', 'false', 'null'].map((v) => ({ value: v, label: v })),
        ]}
        onChoose={onChange}
      />
      {isText && <TextValue value={text} onChange={onChange} />}
      {isNumber && (
        <Points label={labels.NUMBER} value={Number(text)} onWritten={(n) => onChange(String(n))} />
      )}
    </>
  );
}

function Arguments(props: { text: string; scope: Scope; onChange: (text: string) => void }) {
  const all = props.text.match(/"(?:\\.|[^"\\])*"|[^\s,"]+/g) ?? [];
  const say = (next: string[]) => props.onChange(next.join(', '));
  return (
    <>
      {all.map((a, i) => (
        <span key={i} className="flex items-baseline gap-x-1">
          {i > 0 && <span>,</span>}
          <Argument
            text={a}
            scope={props.scope}
            onChange={(text) => say(all.map((x, k) => (k === i ? text : x)))}
          />
        </span>
      ))}
      <Deeds
        label={`How many are handed over: ${props.text}`}
        deeds={[
          { text: 'Hand one more over', run: () => say([...all, 'any']) },
          { text: 'Hand one less over', run: () => say(all.slice(0, -1)), off: all.length < 2 },
        ]}
      />
    </>
  );
}
