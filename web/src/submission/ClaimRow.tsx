import type { ReactNode } from 'react';
import type { Api } from '../api/client';
import { Words } from '../page/Words';
import { Stroke } from '../verdict/Stroke';
import { inks, ofScenario, scenarioWords, words, type Verdict } from '../verdict/verdict';
import { plain, type Claim } from './claims';
import { Excerpts } from './Excerpt';
import { PointsBox } from './PointsBox';
import { SequenceDiagram } from './SequenceDiagram';

type Submission = Api<'SubmissionView'>;

/** A line of the page: its stroke, a word for it, what it says, and its points. */
export function Row(props: {
  id: string;
  verdict: Verdict;
  word: string;
  points?: ReactNode;
  children: ReactNode;
}) {
  return (
    <li
      id={props.id}
      className="grid scroll-mt-16 grid-cols-[5px_minmax(0,1fr)_70px] gap-x-3 border-b border-rule py-4 min-[900px]:grid-cols-[5px_84px_minmax(0,1fr)_70px]"
    >
      <Stroke verdict={props.verdict} />
      <span className={`text-[14px] font-semibold ${inks[props.verdict]}`}>{props.word}</span>
      <div className="col-span-2 col-start-2 row-start-2 min-w-0 min-[900px]:col-span-1 min-[900px]:col-start-3 min-[900px]:row-start-1">
        {props.children}
      </div>
      <div className="col-start-3 row-start-1 min-[900px]:col-start-4">{props.points}</div>
    </li>
  );
}

/** A requirement: sentence, why, and the lines it rests on. */
export function RequirementRow({
  claim,
  submission,
}: {
  claim: Extract<Claim, { kind: 'requirement' }>;
  submission: Submission;
}) {
  const f = claim.finding;
  const decision = submission.review.decisions.find((d) => d.item === claim.item);
  return (
    <Row
      id={f.id}
      verdict={claim.verdict}
      word={words[claim.verdict]}
      points={
        claim.verdict !== 'NOT_APPLICABLE' && (
          <PointsBox
            submission={submission}
            item={claim.item}
            about={plain(f.text)}
            proposed={f.earned}
            possible={f.possible}
          />
        )
      }
    >
      <p className="reading">
        <Words sentence={f.text} />
      </p>
      <p className="mt-0.5 font-read text-[15px] text-soft">
        <Words sentence={f.explanation} />
      </p>
      <SpokenFor names={f.runs} scenarios={submission.report?.scenarios ?? []} />
      <Excerpts
        submission={submission.id}
        evidence={f.evidence}
        sources={submission.sources}
        places={submission.report?.places}
        verdict={claim.verdict}
        most={claim.verdict === 'MET' ? 1 : 3}
      />
      {decision && <Decided decision={decision} />}
    </Row>
  );
}

/** The runs that speak for a claim, each a way to what was done in it. */
function SpokenFor({ names, scenarios }: { names: string[]; scenarios: Api<'ScenarioResult'>[] }) {
  const runs = names.flatMap((n) => scenarios.filter((s) => s.name === n));
  if (runs.length === 0) {
    return null;
  }
  return (
    <ul aria-label="Runs that speak for it" className="mt-1 text-[14px] text-soft">
      {runs.map((s) => (
        <li key={s.name}>
          <span className={`font-semibold ${inks[ofScenario(s.outcome)]}`}>{scenarioWords[s.outcome]}</span>{' '}
          <a href={`#run-${s.name}`} className="quiet">
            {s.name}
          </a>
        </li>
      ))}
    </ul>
  );
}

/** A scenario: how it ended, and step by step what was built, called, heard and expected. */
export function ScenarioRow({
  claim,
  submission,
}: {
  claim: Extract<Claim, { kind: 'scenario' }>;
  submission: Submission;
}) {
  const s = claim.scenario;
  const decision = submission.review.decisions.find((d) => d.item === claim.item);
  return (
    <Row
      id={`run-${s.name}`}
      verdict={claim.verdict}
      word={scenarioWords[s.outcome]}
      points={
        <PointsBox
          submission={submission}
          item={claim.item}
          about={s.name}
          proposed={s.earned}
          possible={s.possible}
        />
      }
    >
      <p className="reading">{s.name}.</p>
      {s.outcome !== 'PASSED' && (
        <p className="mt-0.5 font-read text-[15px] text-soft">
          <Words sentence={s.explanation} />
        </p>
      )}
      {s.steps.length > 0 && <Account steps={s.steps} open={s.outcome !== 'PASSED'} />}
      {s.calls && (
        <details className="mt-1">
          <summary className="quiet w-fit text-[14px]">who called whom</summary>
          <SequenceDiagram calls={s.calls} />
        </details>
      )}
      {decision && <Decided decision={decision} />}
    </Row>
  );
}

const verbs: Record<Api<'Line'>['kind'], string> = {
  BUILT: 'built',
  CALLED: 'called',
  HEARD: 'heard',
  EXPECTED: 'expected',
  PRINTED: 'printed',
  STOPPED: 'stopped',
  CASE: 'for',
};

export function Account({ steps, open }: { steps: Api<'Line'>[]; open: boolean }) {
  return (
    <details open={open} className="mt-1.5">
      <summary className="quiet w-fit text-[14px]">
        {steps.length} {steps.length === 1 ? 'step' : 'steps'}
      </summary>
      <ol className="mt-1.5 border-l border-rule pl-3 text-[14px]">
        {steps.map((line, i) => (
          <li
            key={i}
            className={`grid grid-cols-[72px_minmax(0,1fr)] gap-x-3 py-[3px] ${line.kind === 'CASE' ? 'mt-1.5 font-semibold first:mt-0' : ''}`}
          >
            <span className="text-soft">{line.depth === 0 ? verbs[line.kind] : ''}</span>
            <span className={line.depth > 0 ? 'pl-4 text-soft' : ''}>
              <Words sentence={line.text} />
              {line.good !== undefined && (line.kind === 'EXPECTED' || line.kind === 'CASE') && (
                <span className={`ml-2 font-semibold ${line.good ? 'text-verdigris' : 'text-madder'}`}>
                  {line.good ? 'held' : 'did not hold'}
                </span>
              )}
            </span>
          </li>
        ))}
      </ol>
    </details>
  );
}

/** What a person has decided, and why. */
export function Decided({ decision }: { decision: Api<'Decision'> }) {
  return (
    <p className="mt-2 border-l-[3px] border-slate pl-3 font-read text-[15px] italic">
      {decision.reason} <span className="font-ui text-[13px] text-soft not-italic">{decision.by}</span>
    </p>
  );
}
