import { useMemo, useState } from 'react';
import type { Api } from '../api/client';
import { isBeingChecked } from '../api/exercises';
import { SequenceDiagram } from '../diagram/SequenceDiagram';
import { Later } from '../page/Later';
import { Words } from '../page/Words';
import { Stroke } from '../verdict/Stroke';
import { heading, requirementsOf, scenariosOf, summary } from './claims';
import { RequirementRow, ScenarioRow, type RowProps } from './ClaimRow';
import { CriterionRow } from './CriterionRow';
import { Excerpts } from './Excerpt';
import { Shape } from './Shape';
import { restingOf } from './shared';

type Submission = Api<'SubmissionView'>;

/** What the check found, as claims with their evidence, and what people make of it. */
export function Report(props: {
  submission: Submission;
  report: Api<'CheckReport'>;
  title: string;
  patterns: Api<'PatternView'>[];
  row: Omit<RowProps, 'submission'>;
}) {
  const { submission, report, row } = props;
  const claims = requirementsOf(report);
  const standing = claims.filter((c) => c.verdict !== 'MET' && c.verdict !== 'NOT_APPLICABLE');
  const resting = useMemo(
    () =>
      restingOf(requirementsOf(report).filter((c) => c.verdict !== 'MET' && c.verdict !== 'NOT_APPLICABLE')),
    [report],
  );
  const runs = scenariosOf(report);
  const running = isBeingChecked(submission.state);
  return (
    <>
      <h1 className="text-[27px]">{heading(report, props.title)}</h1>
      <p className="reading text-soft italic">{summary(report)}</p>
      {running && (
        <p role="status" className="mt-2 border-l-[3px] border-slate pl-3 text-soft italic">
          Being checked again: {submission.progress ?? 'waiting for its turn'} …
        </p>
      )}
      {submission.state === 'FAILED' && (
        <p role="status" className="mt-3 border-l-[3px] border-madder pl-3 text-madder">
          The last check gave no report: {submission.failure} What stands here is from the check before it.
        </p>
      )}
      <Diagnostics submission={submission} report={report} />
      {standing.length === 0 && claims.length > 0 && (
        <p className="reading mt-3 text-verdigris">Nothing here waits for you, and nothing is missing.</p>
      )}
      <ul aria-label="Claims" className="mt-4 border-t border-rule">
        {claims.map((c) => (
          <RequirementRow
            key={c.item}
            claim={c}
            submission={submission}
            resting={resting.get(c.finding.id) ?? { own: c.finding.evidence, elsewhere: [], alsoFor: [] }}
            {...row}
          />
        ))}
      </ul>
      {report.remarks.length > 0 && (
        <ul aria-label="Remarks" className="mt-4">
          {report.remarks.map((r) => (
            <li key={r.id} className="reading border-l-[3px] border-slate py-1 pl-3 text-slate italic">
              A remark that costs nothing: <Words sentence={r.text} /> <Words sentence={r.explanation} />
            </li>
          ))}
        </ul>
      )}
      <section id="behaviour" aria-labelledby="behaviour-heading" className="mt-8 scroll-mt-16">
        <h2 id="behaviour-heading" className="border-b border-rule pb-1 text-[21px]">
          Behaviour
        </h2>
        {runs.length === 0 ? (
          <p className="reading mt-2 text-soft">No scenario applies to this form.</p>
        ) : (
          <ul aria-label="Scenarios">
            {runs.map((c) => (
              <ScenarioRow key={c.item} claim={c} submission={submission} {...row} />
            ))}
          </ul>
        )}
      </section>
      {submission.criteria.length > 0 && (
        <section aria-labelledby="judged-heading" className="mt-8">
          <h2 id="judged-heading" className="border-b border-rule pb-1 text-[21px]">
            What a person judges
          </h2>
          <ul aria-label="Criteria">
            {submission.criteria.map((c) => (
              <CriterionRow key={c.id} criterion={c} submission={submission} />
            ))}
          </ul>
        </section>
      )}
      <Later>
        <Shape
          diagram={report.diagram}
          patterns={props.patterns}
          name={`${submission.exercise.title}, ${submission.student.name}`}
          onType={row.onType}
        />
        {report.demonstration && <Demonstration demonstration={report.demonstration} roles={report.roles} />}
        <Health facts={report.health} />
      </Later>
    </>
  );
}

/** How many calls of a demonstration are drawn at first, and how many more each time. */
const DRAWN = 30;

/** What the program does when it is started as its author shows it: where the values and orders of the runs come from. */
function Demonstration(props: { demonstration: Api<'Demonstration'>; roles: Record<string, string[]> }) {
  const { demonstration } = props;
  const [most, setMost] = useState(DRAWN);
  const calls = demonstration.calls.messages.length;
  return (
    <section aria-labelledby="demonstration-heading" className="mt-8">
      <h2 id="demonstration-heading" className="border-b border-rule pb-1 text-[21px]">
        Its own demonstration
      </h2>
      <p className="reading mt-2 text-soft">
        Started with{' '}
        {demonstration.starts.map((s, i) => (
          <span key={s}>
            {i > 0 && ', '}
            <code className="name">{s}</code>
          </span>
        ))}
        , the program makes {calls === 1 ? 'one call' : `${calls} calls`} of what plays a role. Runs take
        values and orders from here.
      </p>
      <details className="mt-1">
        <summary className="quiet w-fit text-[14px]">who made and called whom</summary>
        <SequenceDiagram calls={demonstration.calls} teller="demonstration" most={most} roles={props.roles} />
        {calls > most && (
          <button type="button" className="quiet mt-1 text-[14px]" onClick={() => setMost(most + DRAWN)}>
            Draw the next {Math.min(DRAWN, calls - most)}
          </button>
        )}
      </details>
    </section>
  );
}

/** Counts that say something about the state of the code, beside those of what was handed out. */
function Health({ facts }: { facts: Api<'HealthFact'>[] }) {
  if (facts.length === 0) {
    return null;
  }
  const compared = facts.some((f) => f.before !== undefined);
  return (
    <section aria-labelledby="health-heading" className="mt-8">
      <h2 id="health-heading" className="border-b border-rule pb-1 text-[21px]">
        Counted in the code
      </h2>
      <dl className="mt-2 grid grid-cols-[repeat(auto-fill,minmax(220px,1fr))] gap-x-8">
        {facts.map((f) => (
          <div key={f.name} className="flex justify-between gap-4 border-b border-dotted border-rule py-1.5">
            <dt className="text-soft">{f.name}</dt>
            <dd className="self-end whitespace-nowrap tabular-nums">
              {compared ? `${f.before} → ${f.after}` : f.after}
            </dd>
          </div>
        ))}
      </dl>
    </section>
  );
}

/** What the compiler had to say; first on the page where the program does not compile. */
function Diagnostics({ submission, report }: { submission: Submission; report: Api<'CheckReport'> }) {
  if (report.diagnostics.length === 0) {
    return null;
  }
  const broken = !report.compiled;
  return (
    <section
      aria-label="Compiler"
      className="mt-4 grid grid-cols-[5px_84px_minmax(0,1fr)] gap-x-3 border-t border-rule pt-4"
    >
      <Stroke verdict={broken ? 'MISSING' : 'NOT_APPLICABLE'} />
      <span className={`text-[14px] font-semibold ${broken ? 'text-madder' : 'text-soft'}`}>
        {broken ? 'broken' : 'note'}
      </span>
      <div className="min-w-0">
        {broken && (
          <p className="reading">
            This does not compile, so nothing was run. What could be read is judged below.
          </p>
        )}
        <ul className={broken ? 'mt-2' : ''}>
          {report.diagnostics.slice(0, 8).map((d, i) => (
            <li key={i} className="py-1">
              <span className="font-read text-[15px] text-soft">
                {d.file && <code className="name">{d.file + (d.line > 0 ? `:${d.line}` : '')}</code>}{' '}
                {d.message}
              </span>
              {d.line > 0 && (
                <Excerpts
                  submission={submission.id}
                  evidence={[{ file: d.file, line: d.line, endLine: d.line, note: '' }]}
                  sources={submission.sources}
                  verdict="MISSING"
                  most={1}
                />
              )}
            </li>
          ))}
        </ul>
        {report.diagnostics.length > 8 && (
          <p className="text-soft">and {report.diagnostics.length - 8} more messages</p>
        )}
      </div>
    </section>
  );
}
