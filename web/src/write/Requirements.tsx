import type { EditorView } from '@codemirror/view';
import { useCallback, useEffect, useId, useMemo, useRef, useState } from 'react';
import { editText, layOut, useVocabulary, type Claim, type Edit, type Sentences } from '../api/notation';
import type { Api } from '../api/client';
import { Mistake, Waiting } from '../page/Notice';
import { Roles } from '../pattern/Roles';
import { Seal } from '../seal/Seal';
import { spoken } from '../seal/roles';
import { Choice } from './Choice';
import { ClaimSentence } from './ClaimSentence';
import { CodeEditor } from './CodeEditor';
import { freeId, type Vocabulary } from './condition';
import { notation, NotationSource, rangeOf, underline } from './notation';
import { together } from './parts';
import { PutBack } from './PutBack';
import { Scenarios } from './Scenarios';
import { useUndo, useUndoKeys } from './useUndo';
import { Values } from './Values';

type Reading = Api<'ReadText'>;
type View = 'sentences' | 'text';

/**
 * What must be there and what it must do, as sentences and as text: two views of one text, of which each keeps what the other
 * does not show.
 *
 * @param reading what the server read in the text; of the text before while it is still being asked
 */
export function Requirements(props: {
  text: string;
  onChange: (text: string) => void;
  reading?: Reading;
  solutions: Api<'SolutionLine'>[];
  exercise: number;
  /** Whether test classes lie in the exercise. */
  hasTests: boolean;
  readOnly: boolean;
  beforeTrial: () => Promise<void>;
}) {
  const { text, reading } = props;
  const { write, undo, redo, canUndo, canRedo } = useUndo(text, props.onChange);
  const [view, setView] = useState<View>('sentences');
  const [refused, setRefused] = useState<Error | null>(null);
  const vocabulary = useVocabulary();
  const now = useRef(text);
  const [editor, setEditor] = useState<EditorView>();
  const queue = useRef(Promise.resolve());
  useEffect(() => {
    now.current = text;
  }, [text]);

  /** Changes are made one after the other, each on the text that the one before it gave. */
  const change = useCallback(
    (edit: Edit, part: number) => {
      queue.current = queue.current.then(async () => {
        try {
          const next = await editText(now.current, edit, part);
          now.current = next;
          setRefused(null);
          write(next, false);
        } catch (error) {
          setRefused(error instanceof Error ? error : new Error(String(error)));
        }
      });
      return queue.current;
    },
    [write],
  );

  const onLayOut = useCallback(
    (whole: string) => {
      void layOut(whole).then(
        (next) => {
          setRefused(null);
          write(next, false);
        },
        (error: unknown) => setRefused(error instanceof Error ? error : new Error(String(error))),
      );
    },
    [write],
  );

  const typed = useCallback((next: string) => write(next, true), [write]);
  const [source] = useState(() => new NotationSource());
  const extensions = useMemo(() => notation(source), [source]);
  const mistakes = useMemo(() => reading?.mistakes ?? [], [reading?.mistakes]);
  const parts = useMemo(() => reading?.parts ?? [], [reading?.parts]);
  useEffect(
    () => source.tell(together(parts), vocabulary.data?.relations ?? [], onLayOut),
    [source, parts, vocabulary.data, onLayOut],
  );
  useEffect(() => {
    if (editor) {
      underline(editor, mistakes);
    }
  }, [editor, mistakes]);
  useUndoKeys(undo, redo);

  const show = (to: View) => {
    setRefused(null);
    setEditor(undefined);
    setView(to);
  };
  const goTo = (mistake: Api<'Mistake'>) => {
    if (editor) {
      const anchor = rangeOf(editor.state.doc, mistake).from;
      editor.dispatch({ selection: { anchor }, scrollIntoView: true });
      editor.focus();
    }
  };

  return (
    <section id="requirements" aria-labelledby="requirements-heading" className="mt-10 scroll-mt-16">
      <div className="flex flex-wrap items-baseline justify-between gap-3 border-b border-rule pb-1">
        <h2 id="requirements-heading" className="text-[21px]">
          What must be there
        </h2>
        <div className="flex items-center gap-4 text-[14px]">
          <span role="radiogroup" aria-label="How it is shown" className="flex gap-3">
            {(['sentences', 'text'] as View[]).map((v) => (
              <label key={v} className="flex cursor-pointer items-baseline gap-1.5">
                <input type="radio" name="view" checked={view === v} onChange={() => show(v)} />
                as {v}
              </label>
            ))}
          </span>
          <button type="button" className="quiet disabled:opacity-50" disabled={!canUndo} onClick={undo}>
            Undo
          </button>
          <button type="button" className="quiet disabled:opacity-50" disabled={!canRedo} onClick={redo}>
            Redo
          </button>
        </div>
      </div>
      <Mistake error={refused} />
      {mistakes.length > 0 && (
        <div role="alert" className="mt-3 border-l-[3px] border-madder pl-3 text-madder">
          <ul aria-label="What is wrong in the text" className="grid gap-1">
            {mistakes.map((m) => (
              <li key={`${m.line} ${m.column} ${m.message}`}>
                Line {m.line}, column {m.column}: {ended(m.message)}{' '}
                {view === 'text' && (
                  <button
                    type="button"
                    className="quiet"
                    aria-label={`Go there, to line ${m.line}`}
                    onClick={() => goTo(m)}
                  >
                    Go there
                  </button>
                )}
              </li>
            ))}
          </ul>
          {view === 'sentences' && (
            <button type="button" className="quiet" onClick={() => show('text')}>
              Mend {mistakes.length === 1 ? 'it' : 'them'} in the text
            </button>
          )}
        </div>
      )}
      {view === 'text' ? (
        <>
          <p className="mt-2 mb-2 text-[14px] text-soft">
            Completion with <kbd className="key">Ctrl Space</kbd>, the usual layout with{' '}
            <kbd className="key">Alt l</kbd>; rest on a word for its meaning.{' '}
            <button type="button" className="quiet" onClick={() => onLayOut(text)}>
              Lay it out
            </button>
          </p>
          <CodeEditor
            label="The pattern as text"
            value={text}
            onChange={props.readOnly ? undefined : typed}
            extensions={extensions}
            numbers
            tall
            onReady={setEditor}
          />
        </>
      ) : parts.length > 0 && vocabulary.data ? (
        <fieldset disabled={props.readOnly} className="contents">
          {parts.map((sentences, part) => (
            <section key={part} aria-label={parts.length > 1 ? `Required of ${sentences.title}` : undefined}>
              {parts.length > 1 && <h3 className="mt-6 text-[19px]">{sentences.title}</h3>}
              {part > 0 && <Same sentences={sentences} change={(edit) => change(edit, part)} />}
              <Claims
                sentences={sentences}
                vocabulary={vocabulary.data}
                change={(edit) => change(edit, part)}
                taken={parts}
              />
            </section>
          ))}
        </fieldset>
      ) : (
        mistakes.length === 0 && <Waiting what="Reading the pattern" />
      )}
      {reading && reading.patterns.length > 0 && (
        <details className="mt-6">
          <summary className="w-fit cursor-pointer font-semibold">The roles as a class diagram</summary>
          <Roles patterns={reading.patterns} />
        </details>
      )}
      {parts.length > 0 && vocabulary.data && (
        <fieldset disabled={props.readOnly} className="contents">
          <Scenarios
            parts={parts}
            vocabulary={vocabulary.data}
            change={change}
            exercise={props.exercise}
            solutions={props.solutions}
            hasTests={props.hasTests}
            beforeTrial={props.beforeTrial}
          />
          <Values parts={parts} change={change} />
        </fieldset>
      )}
    </section>
  );
}

/** Which roles of this pattern are played by the same type as one of a pattern above it. */
function Same({ sentences, change }: { sentences: Sentences; change: (edit: Edit) => Promise<void> }) {
  const open = sentences.names.filter(
    (n) => n.kind === 'ROLE' && !n.many && !sentences.same.some((s) => s.role === n.name),
  );
  const say = async (role: string, as: string, instead?: string) => {
    if (instead !== undefined) {
      await change({ kind: 'REMOVAL', place: instead });
    }
    await change({ kind: 'ADDITION', text: `  same ${role} as ${as}` });
  };
  const above = sentences.above.map((a) => ({ value: a, label: spoken(a) }));
  return (
    <ul aria-label={`Roles of ${sentences.title} that are played by the same type`} className="mt-1">
      {sentences.same.map((s) => (
        <li key={s.place} className="flex items-baseline gap-1.5 py-1">
          <span className="whitespace-nowrap">
            <Seal role={s.role} /> {spoken(s.role)}
          </span>
          is the same type as
          <Choice
            label={`What ${s.role} is the same as`}
            value={s.as}
            shown={
              <span className="whitespace-nowrap">
                <Seal role={s.as} /> {spoken(s.as)}
              </span>
            }
            options={above}
            onChoose={(as) => void say(s.role, as, s.place)}
          />
          <button
            type="button"
            className="quiet ml-2 text-[14px]"
            aria-label={`Leave out: ${s.role} is the same type as ${s.as}`}
            onClick={() => void change({ kind: 'REMOVAL', place: s.place })}
          >
            leave out
          </button>
        </li>
      ))}
      {open.length > 0 && above.length > 0 && (
        <li className="py-1 text-[14px] text-soft">
          One type may play two roles:{' '}
          {open.map((n, i) => (
            <span key={n.name}>
              {i > 0 && ', '}
              <Choice
                label={`Say what ${n.name} is the same as`}
                value=""
                shown={spoken(n.name)}
                options={above.map((a) => ({ ...a, label: `is the same type as ${a.label}` }))}
                onChoose={(as) => void say(n.name, as)}
              />
            </span>
          ))}
        </li>
      )}
    </ul>
  );
}

/** A message as a sentence that ends once. */
function ended(message: string): string {
  return /[.?!]$/.test(message) ? message : `${message}.`;
}

function Claims(props: {
  sentences: Sentences;
  vocabulary: Vocabulary;
  change: (edit: Edit) => Promise<void>;
  /** All patterns of the text, whose ids are given once. */
  taken: Sentences[];
}) {
  const { sentences, change } = props;
  const ready = sentences.ready.filter((r) => r.sort === 'REQUIREMENT');
  const pitfalls = sentences.ready.filter((r) => r.sort === 'PITFALL');
  return (
    <>
      <Group {...props} claims={sentences.claims} label="Requirements" />
      {sentences.claims.length === 0 && (
        <p className="reading mt-3 text-soft">Nothing is asked yet. Add a requirement below.</p>
      )}
      <NewClaim {...props} />
      <PutBack ready={ready} title="The catalogue asks for this as well" change={change} />
      {sentences.forms
        .filter((f) => f.claims.length > 0)
        .map((f) => (
          <section key={f.place} aria-label={`Form ${f.name}`} className="mt-6">
            <h3 className="flex items-baseline justify-between text-[17px]">
              <span>
                In the form “{f.name}”{' '}
                <span className="font-ui text-[14px] font-normal text-soft">{f.doc}</span>
              </span>
              <button
                type="button"
                className="quiet font-ui text-[14px] font-normal"
                onClick={() => void change({ kind: 'REMOVAL', place: f.place })}
              >
                Leave the form out
              </button>
            </h3>
            <Group {...props} claims={f.claims} label={`Requirements of the form ${f.name}`} />
          </section>
        ))}
      <PutBack
        ready={sentences.ready.filter((r) => r.sort === 'FORM')}
        title="Further forms of the catalogue"
        change={change}
      />
      {(sentences.pitfalls.length > 0 || pitfalls.length > 0) && (
        <section aria-label="Pitfalls" className="mt-6">
          <h3 className="text-[17px]">What often goes wrong</h3>
          <ul>
            {sentences.pitfalls.map((p) => (
              <li
                key={p.place}
                className="flex items-baseline justify-between gap-4 border-b border-dotted border-rule py-1.5"
              >
                <span className="reading min-w-0">
                  {p.text}{' '}
                  {p.caughtBy.length > 0 && (
                    <span className="font-ui text-[14px] text-soft">caught by {p.caughtBy.join(', ')}</span>
                  )}
                </span>
                <button
                  type="button"
                  className="quiet shrink-0 text-[14px]"
                  aria-label={`Leave out: ${p.text}`}
                  onClick={() => void change({ kind: 'REMOVAL', place: p.place })}
                >
                  leave out
                </button>
              </li>
            ))}
          </ul>
          <PutBack ready={pitfalls} title="Further pitfalls of the catalogue" change={change} />
        </section>
      )}
    </>
  );
}

function Group(props: {
  claims: Claim[];
  label: string;
  sentences: Sentences;
  vocabulary: Vocabulary;
  change: (edit: Edit) => Promise<void>;
}) {
  const [dragged, setDragged] = useState<number>();
  const [over, setOver] = useState<number>();
  /** Exchanges neighbours until it is where it was dropped. */
  const drop = async (to: number) => {
    const from = dragged;
    setDragged(undefined);
    setOver(undefined);
    if (from === undefined || from === to) {
      return;
    }
    for (let i = 0; i < Math.abs(to - from); i++) {
      await props.change({ kind: 'MOVE', place: props.claims[from]!.place, flag: to < from });
    }
  };
  return (
    <ol aria-label={props.label}>
      {props.claims.map((c, i) => (
        <ClaimSentence
          key={c.place}
          claim={c}
          sentences={props.sentences}
          vocabulary={props.vocabulary}
          change={(edit) => void props.change(edit)}
          first={i === 0}
          last={i === props.claims.length - 1}
          target={dragged !== undefined && over === i}
          onGrip={{
            start: () => setDragged(i),
            over: () => setOver(i),
            drop: () => void drop(i),
            end: () => {
              setDragged(undefined);
              setOver(undefined);
            },
          }}
        />
      ))}
    </ol>
  );
}

/** A requirement of one's own, which begins with a sentence and a condition to be changed. */
function NewClaim(props: {
  sentences: Sentences;
  vocabulary: Vocabulary;
  change: (edit: Edit) => Promise<void>;
  taken: Sentences[];
}) {
  const [text, setText] = useState('');
  const field = useId();
  const role = props.sentences.names.find((n) => n.kind === 'ROLE');
  if (!role) {
    return null;
  }
  const add = () => {
    const sentence = text.trim() === '' ? `{${role.name}} …` : text.trim();
    const quoted = sentence.replace(/\\/g, '\\\\').replace(/"/g, '\\"').replace(/\s+/g, ' ');
    const block = `  require ${freeId(sentence, together(props.taken) ?? props.sentences)} 1 "${quoted}"\n    ${role.name} is a type`;
    setText('');
    void props.change({ kind: 'ADDITION', text: block });
  };
  return (
    <form
      className="mt-3 flex items-end gap-3"
      onSubmit={(e) => {
        e.preventDefault();
        add();
      }}
    >
      <div className="min-w-0 flex-1">
        <label htmlFor={field} className="block text-[14px] font-semibold">
          One more requirement{' '}
          <span className="font-normal text-soft">
            as a sentence; names of roles stand in braces, such as {`{${role.name}}`}
          </span>
        </label>
        <input id={field} className="field mt-1" value={text} onChange={(e) => setText(e.target.value)} />
      </div>
      <button type="submit" className="act">
        Add it
      </button>
    </form>
  );
}
