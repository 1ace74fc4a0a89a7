import { useState, type ReactNode } from 'react';
import type { Claim, Edit, Part, Said, Sentences } from '../api/notation';
import { Template } from '../pattern/Asked';
import { Seal } from '../seal/Seal';
import { spoken } from '../seal/roles';
import { Choice, Deeds } from './Choice';
import {
  aboutOther,
  article,
  firstPart,
  named,
  newCondition,
  quantities,
  saidOtherwise,
  sayable,
  slotsOf,
  type Vocabulary,
} from './condition';
import { Points, WrittenLine } from './fields';

type Change = (edit: Edit) => void;

/** One requirement: its sentence, what it is worth, and the conditions it rests on, each part to be chosen. */
export function ClaimSentence(props: {
  claim: Claim;
  sentences: Sentences;
  vocabulary: Vocabulary;
  change: Change;
  onGrip?: { start: () => void; over: () => void; drop: () => void; end: () => void };
  first: boolean;
  last: boolean;
  /** Whether what is being dragged would land here. */
  target: boolean;
}) {
  const { claim, change } = props;
  const place = claim.place;
  const form = /^form (.*) require /.exec(place)?.[1];
  const called = form === undefined ? claim.id : `${claim.id} in “${form}”`;
  const [held, setHeld] = useState(false);
  const roles = props.sentences.names.filter((n) => n.kind === 'ROLE').map((n) => n.name);
  const move = (up: boolean) => change({ kind: 'MOVE', place, flag: up });
  return (
    <li
      id={place.replaceAll(' ', '-')}
      draggable={held}
      onDragStart={props.onGrip?.start}
      onDragOver={(e) => {
        e.preventDefault();
        props.onGrip?.over();
      }}
      onDrop={props.onGrip?.drop}
      onDragEnd={() => {
        setHeld(false);
        props.onGrip?.end();
      }}
      className={`grid scroll-mt-16 grid-cols-[20px_minmax(0,1fr)_84px_28px] gap-x-3 border-b border-rule py-3 ${
        props.target ? 'bg-tint' : ''
      }`}
    >
      <button
        type="button"
        aria-label={`Place of ${called}: move with the arrow keys, or drag`}
        title="Drag, or move with the arrow keys"
        className="cursor-grab self-start pt-0.5 text-soft hover:text-ink"
        onMouseDown={() => setHeld(true)}
        onMouseUp={() => setHeld(false)}
        onKeyDown={(e) => {
          if (e.key === 'ArrowUp' || e.key === 'ArrowDown') {
            e.preventDefault();
            move(e.key === 'ArrowUp');
          }
        }}
      >
        ⠿
      </button>
      <div className="min-w-0">
        <WrittenLine
          label={`Sentence of ${called}`}
          value={claim.text}
          reading
          read={<Template text={claim.text} roles={roles} />}
          onWritten={(text) => change({ kind: 'WORDING', place, text })}
        />
        <ul aria-label={`What ${called} rests on`} className="mt-1 grid gap-1 text-[15px]">
          {claim.when.map((w) => (
            <li key={w} className="text-soft">
              only when <code className="font-code text-[13px]">{w}</code>
            </li>
          ))}
          {claim.conditions.map((c, i) => (
            <li key={i} className="flex flex-wrap items-baseline gap-x-1.5 gap-y-0.5">
              {claim.forbidden && <span className="text-madder">must not hold:</span>}
              <Condition
                said={c}
                sentences={props.sentences}
                vocabulary={props.vocabulary}
                onChange={(condition) => change({ kind: 'SAYS', place, index: i, condition })}
              />
              {claim.conditions.length > 1 && (
                <button
                  type="button"
                  className="quiet text-[13px]"
                  onClick={() => change({ kind: 'UNSAID', place, index: i })}
                >
                  leave out
                </button>
              )}
            </li>
          ))}
        </ul>
        <div className="mt-1 flex items-baseline gap-2 text-[14px] text-soft">
          <span className="shrink-0">hint</span>
          <WrittenLine
            label={`Hint of ${called}`}
            value={claim.hint}
            placeholder="what to try when it is not met"
            onWritten={(text) => change({ kind: 'HINT', place, text })}
          />
        </div>
      </div>
      <div className="text-right">
        <Points
          label={`Points of ${called}`}
          value={claim.points}
          onWritten={(points) => change({ kind: 'WORTH', place, points })}
        />
        <label className="mt-1 flex items-center justify-end gap-1.5 text-[13px] text-soft">
          essential
          <input
            type="checkbox"
            checked={claim.essential}
            onChange={(e) => change({ kind: 'ESSENTIAL', place, flag: e.target.checked })}
          />
        </label>
      </div>
      <Deeds
        label={`More for ${called}`}
        deeds={[
          {
            text: 'Rest it on one more condition',
            run: () =>
              change({
                kind: 'SAYS',
                place,
                index: claim.conditions.length,
                condition: newCondition(props.sentences, props.vocabulary),
              }),
          },
          {
            text: claim.forbidden
              ? 'Ask for it instead of forbidding it'
              : 'Forbid it instead of asking for it',
            run: () => change({ kind: 'FORBIDDEN', place, flag: !claim.forbidden }),
          },
          { text: 'One place up', run: () => move(true), off: props.first },
          { text: 'One place down', run: () => move(false), off: props.last },
          { text: 'Leave it out', run: () => change({ kind: 'REMOVAL', place }) },
        ]}
      />
    </li>
  );
}

function Name({ name, sentences }: { name: string; sentences: Sentences }) {
  const role = sentences.names.find((n) => n.name === name)?.kind === 'ROLE';
  return role ? (
    <span className="whitespace-nowrap">
      <Seal role={name} /> {spoken(name).toLowerCase()}
    </span>
  ) : (
    <code className="font-code text-[0.88em]">{name}</code>
  );
}

function Condition(props: {
  said: Said;
  sentences: Sentences;
  vocabulary: Vocabulary;
  onChange: (said: Said) => void;
}) {
  const { said, sentences, vocabulary, onChange } = props;
  const quantity = quantities.find((q) => q.value === said.quantity)!;
  const names = sentences.names.map((n) => ({ value: n.name, label: n.name, about: n.doc }));
  const change = (i: number, part: Part) =>
    onChange({ ...said, parts: said.parts.map((p, k) => (k === i ? part : p)) });
  return (
    <>
      <Choice
        label="How many"
        value={quantity.words}
        options={quantities.map((q) => ({ value: q.value, label: q.counts ? `${q.words} …` : q.words }))}
        onChoose={(v) => {
          const chosen = quantities.find((q) => q.value === v)!;
          onChange({ ...said, quantity: chosen.value, count: chosen.counts ? Math.max(1, said.count) : 0 });
        }}
      />
      {quantity.counts && (
        <Points label="Number" value={said.count} whole onWritten={(count) => onChange({ ...said, count })} />
      )}
      <Choice
        label="Of whom it is said"
        value={said.subject}
        shown={<Name name={said.subject} sentences={sentences} />}
        options={names}
        onChoose={(v) => onChange(aboutOther(said, v, sentences, vocabulary))}
      />
      {said.parts.map((p, i) => (
        <SaidPart
          key={i}
          part={p}
          joined={i > 0}
          subject={said.subject}
          sentences={sentences}
          vocabulary={vocabulary}
          onChange={(part) => change(i, part)}
        />
      ))}
      {said.alone && <span>, and nowhere else</span>}
      <Deeds
        label={`More for: ${said.text}`}
        deeds={[
          {
            text: 'Say one more thing of it',
            run: () =>
              onChange({ ...said, parts: [...said.parts, firstPart(said.subject, sentences, vocabulary)] }),
          },
          {
            text: 'Leave the last thing out',
            run: () => onChange({ ...said, parts: said.parts.slice(0, -1) }),
            off: said.parts.length < 2,
          },
          {
            text: said.alone ? 'It may hold elsewhere too' : 'And nowhere else',
            run: () => onChange({ ...said, alone: !said.alone }),
          },
        ]}
      />
    </>
  );
}

/** The choice that turns what is said into its opposite. */
const OTHERWISE = 'otherwise';

/** One thing that is said of the subject: the relation's words with a choice for each name in them. */
function SaidPart(props: {
  part: Part;
  joined: boolean;
  subject: string;
  sentences: Sentences;
  vocabulary: Vocabulary;
  onChange: (part: Part) => void;
}) {
  const { part, sentences, onChange } = props;
  const words = part.words ?? `is ${article(part.sort ?? '')} ${part.sort}`;
  const pieces: ReactNode[] = [];
  let run: string[] = [];
  let slot = 0;
  const flush = () => {
    if (run.length > 0) {
      pieces.push(
        <Choice
          key={pieces.length}
          label="What is said"
          value={words}
          shown={run.join(' ')}
          options={[
            { value: OTHERWISE, label: part.negative ? 'that it does hold' : 'that it does not hold' },
            ...sayable(props.subject, sentences, props.vocabulary),
          ]}
          onChoose={(v) =>
            onChange(
              v === OTHERWISE
                ? { ...part, negative: !part.negative }
                : saidOtherwise(part, v, sentences, props.vocabulary),
            )
          }
        />,
      );
      run = [];
    }
  };
  for (const w of words.split(' ')) {
    if (slotsOf(w).length === 0) {
      run.push(w);
      continue;
    }
    flush();
    const at = slot++;
    const name = part.names[at] ?? '';
    const fill = (v: string) => onChange({ ...part, names: part.names.map((n, k) => (k === at ? v : n)) });
    pieces.push(
      w === 'NUMBER' ? (
        <Points
          key={pieces.length}
          label="Number"
          value={Number(name)}
          whole
          onWritten={(n) => fill(String(n))}
        />
      ) : (
        <Choice
          key={pieces.length}
          label={w === 'ROLE' ? 'Role' : w === 'FIELD' ? 'Field' : 'Operation'}
          value={name}
          shown={<Name name={name} sentences={sentences} />}
          options={named(w, sentences).map((n) => ({ value: n, label: n }))}
          onChoose={fill}
        />
      ),
    );
  }
  flush();
  return (
    <>
      {props.joined && <span>and</span>}
      {part.negative && <span className="text-madder">not:</span>}
      {pieces}
    </>
  );
}
