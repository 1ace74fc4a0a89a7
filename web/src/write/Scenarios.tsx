import { useState } from 'react';
import type { Api } from '../api/client';
import { runTrial } from '../api/manuscript';
import type { Edit, Sentences } from '../api/notation';
import { Mistake } from '../page/Notice';
import { Words } from '../page/Words';
import { Account } from '../submission/ClaimRow';
import { SequenceDiagram } from '../submission/SequenceDiagram';
import { Stroke } from '../verdict/Stroke';
import { inks, ofScenario, scenarioWords } from '../verdict/verdict';
import { Deeds } from './Choice';
import { Points } from './fields';
import { PutBack } from './PutBack';

type Change = (edit: Edit) => Promise<void>;
type Played = { result?: Api<'ScenarioResult'>; error?: Error; on: string };

/** What it must do when it is run: scenarios and whole runs, each to be tried at once. */
export function Scenarios(props: {
  sentences: Sentences;
  change: Change;
  exercise: number;
  solutions: Api<'SolutionLine'>[];
  beforeTrial: () => Promise<void>;
  onText: () => void;
}) {
  const { sentences, change } = props;
  const ready = sentences.ready.filter((r) => r.sort === 'SCENARIO');
  const all = [
    ...sentences.scenarios.map((s) => ({ ...s, sort: 'scenario', lines: s.steps, forms: s.forms })),
    ...sentences.runs.map((r) => ({ ...r, sort: 'run', lines: r.lines, forms: [] as string[] })),
  ];
  return (
    <section id="behaviour" aria-labelledby="behaviour-heading" className="mt-10 scroll-mt-16">
      <div className="flex items-baseline justify-between border-b border-rule pb-1">
        <h2 id="behaviour-heading" className="text-[21px]">
          What it must do
        </h2>
        <button type="button" className="quiet text-[14px]" onClick={props.onText}>
          Write steps in the text
        </button>
      </div>
      {all.length === 0 && (
        <p className="reading mt-3 max-w-[58ch] text-soft">
          Nothing is run yet. A scenario makes objects of the roles found, calls them and says what to expect.
        </p>
      )}
      <ol aria-label="Scenarios and runs">
        {all.map((s) => (
          <ScenarioLine key={s.place} scenario={s} {...props} />
        ))}
      </ol>
      <PutBack ready={ready} title="Further scenarios of the catalogue" change={change} />
      {sentences.testPoints > 0 && (
        <p className="mt-3 flex items-baseline justify-between text-[15px]">
          <span>All test classes that lie in the exercise, together</span>
          <Points
            label="Points of the tests"
            value={sentences.testPoints}
            onWritten={(points) => void change({ kind: 'WORTH', place: 'tests', points })}
          />
        </p>
      )}
    </section>
  );
}

function ScenarioLine(props: {
  scenario: { place: string; name: string; points: number; sort: string; lines: string[]; forms: string[] };
  change: Change;
  exercise: number;
  solutions: Api<'SolutionLine'>[];
  beforeTrial: () => Promise<void>;
}) {
  const s = props.scenario;
  const [played, setPlayed] = useState<Played>();
  const [running, setRunning] = useState(false);
  const first = props.solutions.find((x) => x.right) ?? props.solutions[0];

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
          {s.forms.length > 0 && (
            <span className="font-ui text-[14px] text-soft">
              only in the {s.forms.length === 1 ? 'form' : 'forms'} {s.forms.map((f) => `“${f}”`).join(', ')}
            </span>
          )}
        </p>
        <details>
          <summary className="quiet w-fit text-[14px]">
            {s.lines.length} {s.sort === 'run' ? 'lines' : s.lines.length === 1 ? 'step' : 'steps'}
          </summary>
          <ol className="mt-1 border-l-2 border-rule pl-3">
            {s.lines.map((line, i) => (
              <li key={i} className="font-code text-[13px] leading-[20px]">
                {line}
              </li>
            ))}
          </ol>
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
