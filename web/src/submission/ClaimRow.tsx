import { useState, type ReactNode } from 'react';
import type { Api } from '../api/client';
import { SequenceDiagram } from '../diagram/SequenceDiagram';
import { Words } from '../page/Words';
import { Stroke } from '../verdict/Stroke';
import { inks, ofScenario, scenarioWords, words, type Verdict } from '../verdict/verdict';
import { plain, type Claim } from './claims';
import { Compared } from './Compared';
import { Excerpts } from './Excerpt';
import { standing } from './judging';
import { PointsBox } from './PointsBox';
import { Remarks } from './Remarks';
import { useRight } from './rights';
import type { Resting } from './shared';
import { WholeFile } from './WholeFile';

type Submission = Api<'SubmissionView'>;

/** A line of the page: its stroke, a word for it, what it says, and its points. The keyboard goes from one to the next. */
export function Row(props: {
  id: string;
  item?: string;
  verdict: Verdict;
  word: string;
  points?: ReactNode;
  /** whether it is one line */
  brief?: boolean;
  children: ReactNode;
}) {
  return (
    <li
      id={props.id}
      tabIndex={-1}
      data-item={props.item}
      className={`grid scroll-mt-16 grid-cols-[5px_minmax(0,1fr)_70px] gap-x-3 border-b border-rule outline-none focus:bg-paper focus:outline-2 focus:outline-offset-[-2px] focus:outline-slate min-[900px]:grid-cols-[5px_84px_minmax(0,1fr)_70px] ${props.brief ? 'py-2' : 'py-4'}`}
    >
      <Stroke verdict={props.verdict} />
      <span className={`pt-[3px] text-[14px] font-semibold ${inks[props.verdict]}`}>{props.word}</span>
      <div className="col-span-2 col-start-2 row-start-2 min-w-0 min-[900px]:col-span-1 min-[900px]:col-start-3 min-[900px]:row-start-1">
        {props.children}
      </div>
      <div className="col-start-3 row-start-1 min-[900px]:col-start-4">{props.points}</div>
    </li>
  );
}

/** What a row of the page needs beside what it is about. */
export type RowProps = {
  submission: Submission;
  /** the item of which something is being said just now */
  saying?: string;
  onSaying: (item: string | undefined) => void;
  onMet: (item: string) => void;
  onNotMet: (item: string) => void;
  onType?: (id: string) => void;
};

/** A requirement: sentence, why, and the lines it rests on; what is plainly met is one line until it is opened. */
export function RequirementRow(
  props: RowProps & { claim: Extract<Claim, { kind: 'requirement' }>; resting: Resting },
) {
  const { claim, submission: s } = props;
  const f = claim.finding;
  const decision = s.review.decisions.find((d) => d.item === claim.item);
  const now = standing(claim.verdict, words[claim.verdict], decision, f.possible);
  const isPlain = claim.verdict === 'MET' || claim.verdict === 'NOT_APPLICABLE';
  const [opened, setOpened] = useState(false);
  const remarked = s.review.remarks.some((r) => r.item === claim.item);
  const open = !isPlain || opened || remarked || props.saying === claim.item;
  return (
    <Row
      id={f.id}
      item={claim.verdict === 'NOT_APPLICABLE' ? undefined : claim.item}
      verdict={now.verdict}
      word={now.word}
      brief={!open}
      points={
        claim.verdict !== 'NOT_APPLICABLE' && (
          <PointsBox
            submission={s}
            item={claim.item}
            about={plain(f.text)}
            proposed={f.earned}
            possible={f.possible}
            brief={!open}
          />
        )
      }
    >
      <p className="reading">
        <Words sentence={f.text} />{' '}
        {isPlain && !remarked && <Unfold more="why" open={open} onChange={setOpened} />}
      </p>
      {open && (
        <>
          <p className="mt-0.5 font-read text-[15px] text-soft">
            <Words sentence={f.explanation} />
          </p>
          <SpokenFor names={f.runs} scenarios={s.report?.scenarios ?? []} />
          <Excerpts
            submission={s.id}
            evidence={isPlain ? f.evidence : props.resting.own}
            sources={s.sources}
            places={s.report?.places}
            verdict={claim.verdict}
            most={3}
            whole={(path, at, close) => (
              <WholeFile submission={s} path={path} at={at} onClose={close} onType={props.onType} />
            )}
          />
          {!isPlain && <Elsewhere resting={props.resting} />}
        </>
      )}
      {claim.verdict === 'UNCLEAR' && !decision && <Settle item={claim.item} {...props} />}
      {decision && <Decided decision={decision} />}
      {claim.verdict !== 'NOT_APPLICABLE' && open && (
        <Say
          {...props}
          item={claim.item}
          possible={f.possible}
          offered={claim.verdict === 'MISSING' || claim.verdict === 'PARTLY'}
        />
      )}
    </Row>
  );
}

/** Opens what is one line, and closes it again. */
function Unfold({
  more,
  open,
  onChange,
}: {
  more: string;
  open: boolean;
  onChange: (open: boolean) => void;
}) {
  return (
    <button
      type="button"
      data-unfold
      className="quiet font-ui text-[13.5px] whitespace-nowrap"
      aria-expanded={open}
      onClick={() => onChange(!open)}
    >
      {open ? 'less' : more}
    </button>
  );
}

/** Lines that stand under another claim already, and other claims that rest on the lines here. */
function Elsewhere({ resting }: { resting: Resting }) {
  return (
    <>
      <Others text="Rests on the lines shown with" claims={resting.elsewhere} />
      <Others text="These lines speak also for" claims={resting.alsoFor} />
    </>
  );
}

/** Other claims of the page, each a way to it; nothing where there are none. */
function Others({ text, claims }: { text: string; claims: { id: string; text: string }[] }) {
  if (claims.length === 0) {
    return null;
  }
  return (
    <p className="mt-1.5 text-[13.5px] text-soft">
      {text}{' '}
      {claims.map((c, i) => (
        <span key={c.id}>
          {i > 0 && ' and '}
          <a href={`#${c.id}`} className="quiet">
            {c.text}
          </a>
        </span>
      ))}
    </p>
  );
}

/** What the check could not decide is settled by a person, one way or the other. */
function Settle({ item, onMet, onNotMet }: { item: string } & Pick<RowProps, 'onMet' | 'onNotMet'>) {
  if (!useRight('MARK')) {
    return null;
  }
  return (
    <p className="mt-2 flex flex-wrap items-center gap-2">
      <button type="button" className="act py-1" onClick={() => onMet(item)}>
        Met <kbd className="key ml-1">m</kbd>
      </button>
      <button type="button" className="act py-1" onClick={() => onNotMet(item)}>
        Not met <kbd className="key ml-1">x</kbd>
      </button>
    </p>
  );
}

function Say(props: RowProps & { item: string; possible: number; offered?: boolean }) {
  const { item, saying, onSaying } = props;
  const marks = useRight('MARK');
  return (
    <>
      <Remarks
        submission={props.submission}
        about={{ item, possible: props.possible }}
        offered={props.offered && marks}
        saying={saying === item}
        onSaying={(on) => onSaying(on ? item : undefined)}
      />
      {marks && saying !== item && (
        <button type="button" className="quiet mt-1.5 text-[13.5px]" onClick={() => onSaying(item)}>
          say something
        </button>
      )}
    </>
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

/** A scenario: how it ended, and step by step what was built, called, heard and expected; one that passed is one line. */
export function ScenarioRow(props: RowProps & { claim: Extract<Claim, { kind: 'scenario' }> }) {
  const { claim, submission } = props;
  const s = claim.scenario;
  const decision = submission.review.decisions.find((d) => d.item === claim.item);
  const now = standing(claim.verdict, scenarioWords[s.outcome], decision, s.possible);
  const passed = s.outcome === 'PASSED';
  const [opened, setOpened] = useState(false);
  const remarked = submission.review.remarks.some((r) => r.item === claim.item);
  const open = !passed || opened || remarked || props.saying === claim.item;
  const broken = s.steps.find((l) => l.kind === 'EXPECTED' && l.good === false);
  return (
    <Row
      id={`run-${s.name}`}
      item={claim.item}
      verdict={now.verdict}
      word={now.word}
      brief={!open}
      points={
        <PointsBox
          submission={submission}
          item={claim.item}
          about={s.name}
          proposed={s.earned}
          possible={s.possible}
          brief={!open}
        />
      }
    >
      <p className="reading">
        {s.name}. {passed && !remarked && <Unfold more="how it went" open={open} onChange={setOpened} />}
      </p>
      {open && (
        <>
          {!passed && (
            <p className="mt-0.5 font-read text-[15px] text-soft">
              <Words sentence={s.explanation} />
            </p>
          )}
          {s.comparison && <Compared comparison={s.comparison} />}
          {s.steps.length > 0 && <Account steps={s.steps} open />}
          {s.calls && (
            <details className="mt-1" open={s.outcome === 'FAILED'}>
              <summary className="quiet w-fit text-[14px]">who called whom</summary>
              <SequenceDiagram
                calls={s.calls}
                roles={submission.report?.roles}
                broken={broken ? plain(broken.text) : undefined}
              />
            </details>
          )}
        </>
      )}
      {claim.verdict === 'UNCLEAR' && !decision && <Settle item={claim.item} {...props} />}
      {decision && <Decided decision={decision} />}
      {open && (
        <Say {...props} item={claim.item} possible={s.possible} offered={claim.verdict === 'MISSING'} />
      )}
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
