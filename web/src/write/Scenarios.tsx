import { useId, useState, type ReactNode } from 'react';
import type { Api } from '../api/client';
import { runTrial } from '../api/manuscript';
import type { Edit, Sentences } from '../api/notation';
import { Mistake } from '../page/Notice';
import { Words } from '../page/Words';
import { Account } from '../submission/ClaimRow';
import { SequenceDiagram } from '../diagram/SequenceDiagram';
import { Stroke } from '../verdict/Stroke';
import { inks, ofScenario, scenarioWords } from '../verdict/verdict';
import { Deeds } from './Choice';
import type { Vocabulary } from './condition';
import { Points, WrittenLine } from './fields';
import type { ChangePart } from './parts';
import { PutBack } from './PutBack';
import { Limits, NewRun } from './Runs';
import { quoted } from './step';
import { Steps } from './Steps';

type Change = (edit: Edit) => Promise<void>;
type Played = { result?: Api<'ScenarioResult'>; error?: Error; on: string };

/** What it must do when it is run: scenarios, whole runs and tests, each scenario and run to be tried at once. */
export function Scenarios(props: {
  parts: Sentences[];
  vocabulary: Vocabulary;
  change: ChangePart;
  exercise: number;
  solutions: Api<'SolutionLine'>[];
  hasTests: boolean;
  beforeTrial: () => Promise<void>;
}) {
  const { parts } = props;
  const none = parts.every((s) => s.scenarios.length + s.runs.length === 0);
  return (
    <section id="behaviour" aria-labelledby="behaviour-heading" className="mt-10 scroll-mt-16">
      <h2 id="behaviour-heading" className="border-b border-rule pb-1 text-[21px]">
        What it must do
      </h2>
      {none && (
        <p className="reading mt-3 max-w-[58ch] text-soft">
          Nothing is run yet. A scenario makes objects of the roles found, calls them and says what to expect.
        </p>
      )}
      {parts.map((s, part) => (
        <OfPart
          key={part}
          {...props}
          sentences={s}
          titled={parts.length > 1}
          change={(edit) => props.change(edit, part)}
        />
      ))}
    </section>
  );
}

function OfPart(props: {
  sentences: Sentences;
  vocabulary: Vocabulary;
  titled: boolean;
  change: Change;
  exercise: number;
  solutions: Api<'SolutionLine'>[];
  hasTests: boolean;
  beforeTrial: () => Promise<void>;
}) {
  const { sentences: s, change } = props;
  const tests = (points: number) =>
    s.testPoints === 0
      ? change({ kind: 'ADDITION', text: `  tests ${points}` })
      : change(
          points === 0 ? { kind: 'REMOVAL', place: 'tests' } : { kind: 'WORTH', place: 'tests', points },
        );
  return (
    <>
      {props.titled && <h3 className="mt-5 text-[19px]">{s.title}</h3>}
      <ol aria-label={props.titled ? `Scenarios and runs of ${s.title}` : 'Scenarios and runs'}>
        {s.scenarios.map((x) => (
          <ScenarioLine key={x.place} {...props} line={x} count={counted(x.steps.length, 'step')}>
            <Steps
              scenario={x}
              sentences={s}
              vocabulary={props.vocabulary}
              change={(edit) => void change(edit)}
            />
          </ScenarioLine>
        ))}
        {s.runs.map((x) => (
          <ScenarioLine key={x.place} {...props} line={x} count={counted(x.lines.length, 'line')}>
            <ol className="mt-1 border-l-2 border-rule pl-3" aria-label={`Lines of “${x.name}”`}>
              {x.lines.map((text, i) => (
                <li key={`${i} ${text}`} className="font-code text-[13px] leading-[20px]">
                  <WrittenLine
                    label={`Line ${i + 1} of “${x.name}”`}
                    value={text}
                    onWritten={(next) =>
                      void change(
                        next.trim() === ''
                          ? { kind: 'LINE_OUT', place: x.place, index: i }
                          : { kind: 'LINE', place: x.place, index: i, text: next },
                      )
                    }
                  />
                </li>
              ))}
            </ol>
          </ScenarioLine>
        ))}
      </ol>
      <PutBack
        ready={s.ready.filter((r) => r.sort === 'SCENARIO')}
        title="Further scenarios of the catalogue"
        change={change}
      />
      <NewScenario sentences={s} change={change} />
      <NewRun change={change} />
      {(s.testPoints > 0 || (props.hasTests && !props.titled)) && (
        <p className="mt-3 flex items-baseline justify-between text-[15px]">
          <span>All test classes that lie in the exercise, together</span>
          <Points
            label="Points of the tests"
            value={s.testPoints}
            onWritten={(points) => void tests(points)}
          />
        </p>
      )}
      <Limits limits={s.limits} change={change} />
    </>
  );
}

function counted(n: number, what: string): string {
  return `${n} ${n === 1 ? what : `${what}s`}`;
}

/** A scenario of one's own, which begins with an object to be looked at. */
function NewScenario({ sentences, change }: { sentences: Sentences; change: Change }) {
  const [name, setName] = useState('');
  const role = sentences.names.find((n) => n.kind === 'ROLE');
  const field = useId();
  if (!role) {
    return null;
  }
  return (
    <form
      className="mt-3 flex items-end gap-3"
      onSubmit={(e) => {
        e.preventDefault();
        const block = `  scenario ${quoted(name.trim())} 1\n    one := new ${role.name}`;
        setName('');
        void change({ kind: 'ADDITION', text: block });
      }}
    >
      <div className="min-w-0 flex-1">
        <label htmlFor={field} className="block text-[14px] font-semibold">
          One more scenario <span className="font-normal text-soft">named for what it shows</span>
        </label>
        <input id={field} className="field mt-1" value={name} onChange={(e) => setName(e.target.value)} />
      </div>
      <button type="submit" className="act" disabled={name.trim() === ''}>
        Add it
      </button>
    </form>
  );
}

function ScenarioLine(props: {
  line: { place: string; name: string; points: number; forms?: string[] };
  count: string;
  change: Change;
  exercise: number;
  solutions: Api<'SolutionLine'>[];
  beforeTrial: () => Promise<void>;
  children: ReactNode;
}) {
  const s = props.line;
  const forms = s.forms ?? [];
  const [played, setPlayed] = useState<Played>();
  const [running, setRunning] = useState(false);
  const first =
    props.solutions.find((x) => x.right && x.name === 'reference') ??
    props.solutions.find((x) => x.right) ??
    props.solutions[0];

  const play = async (solution: Api<'SolutionLine'>) => {
    setRunning(true);
    try {
      await props.beforeTrial();
      const trial = await runTrial(props.exercise, solution.path);
      const result = trial.report.scenarios.find((x) => x.name === s.name);
      setPlayed({ on: solution.path, result });
    } catch (error) {
      setPlayed({ on: solution.path, error: error instanceof Error ? error : new Error(String(error)) });
    } finally {
      setRunning(false);
    }
  };

  return (
    <li className="grid grid-cols-[minmax(0,1fr)_60px_28px] gap-x-3 border-b border-rule py-3">
      <div className="min-w-0">
        <p className="reading">
          {s.name}.{' '}
          {forms.length > 0 && (
            <span className="font-ui text-[14px] text-soft">
              only in the {forms.length === 1 ? 'form' : 'forms'} {forms.map((f) => `“${f}”`).join(', ')}
            </span>
          )}
        </p>
        <details>
          <summary className="quiet w-fit text-[14px]">{props.count}</summary>
          {props.children}
        </details>
        <div className="mt-1 flex flex-wrap items-baseline gap-x-3 text-[14px]">
          {first ? (
            <>
              <button
                type="button"
                className="quiet"
                disabled={running}
                aria-label={`Try “${s.name}” on ${first.path}`}
                onClick={() => void play(first)}
              >
                {running ? 'Trying …' : `Try it on ${first.path}`}
              </button>
              {props.solutions.length > 1 && (
                <Deeds
                  label={`Try “${s.name}” on another solution`}
                  deeds={props.solutions
                    .filter((x) => x !== first)
                    .map((x) => ({ text: x.path, run: () => void play(x) }))}
                />
              )}
            </>
          ) : (
            <span className="text-soft">A solution in the exercise lets it be tried.</span>
          )}
        </div>
        {played && <Outcome played={played} />}
      </div>
      <Points
        label={`Points of “${s.name}”`}
        value={s.points}
        onWritten={(points) => void props.change({ kind: 'WORTH', place: s.place, points })}
      />
      <Deeds
        label={`More for “${s.name}”`}
        deeds={[
          {
            text: 'One place up',
            run: () => void props.change({ kind: 'MOVE', place: s.place, flag: true }),
          },
          {
            text: 'One place down',
            run: () => void props.change({ kind: 'MOVE', place: s.place, flag: false }),
          },
          { text: 'Leave it out', run: () => void props.change({ kind: 'REMOVAL', place: s.place }) },
        ]}
      />
    </li>
  );
}

/** How a scenario ended on a solution, step by step. */
function Outcome({ played }: { played: Played }) {
  const r = played.result;
  if (!r) {
    return played.error ? (
      <Mistake error={played.error} />
    ) : (
      <p role="status" className="mt-1 text-[14px] text-soft">
        It does not apply to {played.on}.
      </p>
    );
  }
  const verdict = ofScenario(r.outcome);
  return (
    <div role="status" className="mt-2 flex gap-3">
      <Stroke verdict={verdict} />
      <div className="min-w-0 flex-1 text-[14px]">
        <p>
          <span className={`font-semibold ${inks[verdict]}`}>{scenarioWords[r.outcome]}</span> on {played.on},
          in {r.milliseconds} ms
        </p>
        {r.outcome !== 'PASSED' && (
          <p className="font-read text-[15px] text-soft">
            <Words sentence={r.explanation} />
          </p>
        )}
        {r.steps.length > 0 && <Account steps={r.steps} open />}
        {r.calls && <SequenceDiagram calls={r.calls} />}
      </div>
    </div>
  );
}
