import type { ReactNode } from 'react';
import Markdown from 'react-markdown';
import { Link, useParams } from 'react-router';
import type { Api } from '../api/client';
import { useAsStudent, useOwnAttempt } from '../api/study';
import { CameByGit } from '../git/CameByGit';
import { Notice, Waiting } from '../page/Notice';
import { exactTime } from '../page/time';
import { points } from '../page/count';
import { Moment } from '../page/Moment';
import { Words } from '../page/Words';
import { RoleSeals } from '../seal/Seal';
import { requirementsOf, scenariosOf } from '../submission/claims';
import { Account } from '../submission/ClaimRow';
import { Compared } from '../submission/Compared';
import { Excerpts } from '../submission/Excerpt';
import { Shape } from '../submission/Shape';
import { Stroke } from '../verdict/Stroke';
import { inks, type Verdict } from '../verdict/verdict';
import { standing } from './standing';
import { OwnQuestions } from './OwnQuestions';
import { StudentPage } from './StudentPage';

/** Words that say to whom something is open: a student waits for a person. */
const words: Record<Verdict, string> = {
  MET: 'there',
  PARTLY: 'partly there',
  MISSING: 'missing',
  UNCLEAR: 'a person looks',
  NOT_APPLICABLE: 'does not apply',
};

const ran: Record<Verdict, string> = { ...words, MET: 'does it', MISSING: 'does not', UNCLEAR: 'not run' };

/** What there is to do for a student comes first. */
const work: Verdict[] = ['MISSING', 'PARTLY', 'UNCLEAR', 'MET', 'NOT_APPLICABLE'];
const byWork = (a: { verdict: Verdict }, b: { verdict: Verdict }) =>
  work.indexOf(a.verdict) - work.indexOf(b.verdict);

/** One attempt: its receipt, and what was found as far as the exercise shows it. */
export function OwnAttemptPage() {
  const attempt = useOwnAttempt(Number(useParams().submission));
  if (!attempt.data) {
    return (
      <StudentPage title="Attempt" back={{ text: 'Your exercises', to: '/' }}>
        {attempt.isError ? (
          <Notice
            title="The attempt could not be opened"
            text={attempt.error.message}
            again={() => void attempt.refetch()}
          />
        ) : (
          <Waiting what="Opening the attempt" />
        )}
      </StudentPage>
    );
  }
  return <Attempt attempt={attempt.data} />;
}

/** What the student of a submission would see if it were given back now, for the staff. */
export function AsStudentPage() {
  const id = Number(useParams().submission);
  const attempt = useAsStudent(id);
  return attempt.data ? (
    <Attempt
      attempt={attempt.data}
      notice={
        <p role="note" className="mb-4 border-l-[3px] border-slate pl-3 text-slate">
          This is what {attempt.data.student} will see once the work is given back. Nothing was given back by
          looking.{' '}
          <Link className="quiet" to={`/submissions/${id}`}>
            Back to marking
          </Link>
        </p>
      }
    />
  ) : (
    <StudentPage title="As the student sees it">
      {attempt.isError ? (
        <Notice title="The attempt could not be opened" text={attempt.error.message} />
      ) : (
        <Waiting what="Opening the attempt" />
      )}
    </StudentPage>
  );
}

function Attempt({ attempt: v, notice }: { attempt: Api<'OwnAttemptView'>; notice?: ReactNode }) {
  const a = v.attempt;
  return (
    <RoleSeals roles={Object.keys(v.findings?.roles ?? {})}>
      <StudentPage
        title={`${v.title}, attempt ${a.attempt}`}
        back={{ text: v.title, to: `/exercises/${v.exerciseId}` }}
      >
        {notice}
        <p className="margin-heading">
          {v.course.title}, exercise {v.number}
        </p>
        <h1 className="mt-1 text-[27px]">Attempt {a.attempt}</h1>
        <section aria-label="Receipt" className="mt-3 border-l-[3px] border-rule pl-4">
          <p>
            {v.student}, {exactTime(a.uploadedAt)}
            {a.late ? <span className="font-semibold text-ochre">, late</span> : ', in time'}
            {a.bySomebodyElse && ', handed in by the staff'}.
          </p>
          <p className="mt-1 text-[14px] text-soft">
            {v.files.length === 1 ? 'One file' : `${v.files.length} files`}:{' '}
            {v.files
              .slice(0, 12)
              .map((f) => f.path)
              .join(', ')}
            {v.files.length > 12 && ` and ${v.files.length - 12} more`}
          </p>
          <p className="mt-1 text-[13px] break-all text-soft">SHA-256 {a.hash}</p>
        </section>
        {v.returned && <Returned returned={v.returned} paper={notice ? undefined : a.id} />}
        {v.returned && !notice && <OwnQuestions attempt={v} />}
        <Found attempt={v} />
        {!notice && <CameByGit submission={a.id} own />}
      </StudentPage>
    </RoleSeals>
  );
}

function Found({ attempt: v }: { attempt: Api<'OwnAttemptView'> }) {
  const a = v.attempt;
  if (a.state !== 'CHECKED') {
    return (
      <p role="status" className={`reading mt-6 ${standing(a).ink}`}>
        {standing(a).text}
        {a.state === 'FAILED' ? '.' : ' …'}
      </p>
    );
  }
  if (!v.findings) {
    return (
      <p className="reading mt-6 text-soft">
        It was checked. What was found is shown once your work is returned to you.
      </p>
    );
  }
  const f = v.findings;
  const claims = requirementsOf(f).sort(byWork);
  const runs = scenariosOf(f).sort(byWork);
  return (
    <>
      {!f.compiled && <Diagnostics findings={f} />}
      <section aria-labelledby="claims" className="mt-7">
        <h2 id="claims" className="border-b border-rule pb-1 text-[21px]">
          What was found
        </h2>
        <p className="mt-2 text-soft">
          {v.returned
            ? 'With the lines it rests on, and the points that were given.'
            : 'Found by the machine, with the lines it rests on. A person reads your work after this, and what they say counts.'}
        </p>
        <ol>
          {claims
            .filter((c) => c.verdict !== 'NOT_APPLICABLE')
            .map((c) => (
              <Claim key={c.item} verdict={c.verdict} word={words[c.verdict]}>
                <p className="reading">
                  <Words sentence={c.finding.text} />
                  <Given returned={v.returned} item={c.item} />
                </p>
                {c.verdict !== 'MET' && (
                  <p className="mt-0.5 font-read text-[15px] text-soft">
                    <Words sentence={c.finding.explanation} />
                  </p>
                )}
                <Excerpts
                  submission={a.id}
                  evidence={c.finding.evidence}
                  sources={v.files}
                  places={f.places}
                  verdict={c.verdict}
                  most={c.verdict === 'MET' ? 1 : 3}
                />
                <Said remarks={(v.returned?.remarks ?? []).filter((r) => r.item === c.item)} />
              </Claim>
            ))}
        </ol>
      </section>
      {f.scenariosShown && runs.length > 0 && (
        <section aria-labelledby="runs" className="mt-7">
          <h2 id="runs" className="border-b border-rule pb-1 text-[21px]">
            What it did when it was run
          </h2>
          <ol>
            {runs.map((r) => (
              <Claim key={r.item} verdict={r.verdict} word={ran[r.verdict]}>
                <p className="reading">
                  {r.scenario.name}.
                  <Given returned={v.returned} item={r.item} />
                </p>
                {r.verdict !== 'MET' && (
                  <p className="mt-0.5 font-read text-[15px] text-soft">
                    <Words sentence={r.scenario.explanation} />
                  </p>
                )}
                {r.scenario.comparison && <Compared comparison={r.scenario.comparison} />}
                <Said remarks={(v.returned?.remarks ?? []).filter((x) => x.item === r.item)} />
                {r.scenario.steps.length > 0 && (
                  <Account steps={r.scenario.steps} open={r.verdict === 'MISSING'} />
                )}
              </Claim>
            ))}
          </ol>
        </section>
      )}
      {v.returned && <Judged returned={v.returned} />}
      {f.diagram && f.diagram.classifiers.length > 0 && (
        <Shape diagram={f.diagram} patterns={[]} name={`${v.title}, attempt ${a.attempt}`} />
      )}
      {v.returned && <OnLines attempt={v} />}
    </>
  );
}

/** What people made of it, once it is given back. */
/** @param paper the attempt whose paper can be taken out; left out where it cannot */
function Returned({ returned: r, paper }: { returned: Api<'ReturnedWork'>; paper?: number }) {
  return (
    <section aria-labelledby="returned" className="mt-7 border-y-2 border-ink py-4">
      <h2 id="returned" className="sr-only">
        What you got
      </h2>
      <p>
        <span className="font-read text-[29px] font-bold">{points(r.points)}</span>{' '}
        <span className="text-soft">
          of {points(r.possible)} points
          {r.late > 0 && `, ${points(r.late)} taken off for being late`}
        </span>
      </p>
      {r.feedback ? (
        <div className="markdown mt-2 max-w-[66ch] border-l-2 border-slate pl-3 font-read text-[16px] leading-[1.5] italic">
          <Markdown>{r.feedback}</Markdown>
        </div>
      ) : (
        <p className="mt-1 text-soft">What is said of single claims stands with them.</p>
      )}
      <p className="mt-2 text-[13.5px] text-soft">
        {paper !== undefined && (
          <>
            <a className="quiet" href={`/api/submissions/${paper}/mine/feedback.pdf`} download>
              Keep as PDF
            </a>{' '}
            ·{' '}
          </>
        )}
        Given back <Moment at={r.at} />
        {r.changedAt && (
          <span className="font-semibold text-ochre">
            , changed since, <Moment at={r.changedAt} />
          </span>
        )}
      </p>
    </section>
  );
}

function Given({ returned, item }: { returned?: Api<'ReturnedWork'>; item: string }) {
  const given = returned?.items[item];
  return given ? (
    <span className="ml-2 font-ui text-[14px] whitespace-nowrap text-soft">
      <span className="font-semibold text-ink">{points(given.points)}</span> of {points(given.possible)}
    </span>
  ) : null;
}

function Said({ remarks }: { remarks: Api<'ReturnedRemark'>[] }) {
  return remarks.map((r, i) => (
    <div key={i} className="markdown mt-2 border-l-[3px] border-slate pl-3 font-read text-[15.5px] italic">
      <Markdown>{r.text}</Markdown>
    </div>
  ));
}

function Judged({ returned }: { returned: Api<'ReturnedWork'> }) {
  if (returned.criteria.length === 0) {
    return null;
  }
  return (
    <section aria-labelledby="judged" className="mt-7">
      <h2 id="judged" className="border-b border-rule pb-1 text-[21px]">
        What a person judged
      </h2>
      <ul>
        {returned.criteria.map((c) => (
          <li key={c.text} className="border-b border-rule py-3">
            <p className="reading">
              {c.text}
              <span className="ml-2 font-ui text-[14px] text-soft">
                <span className="font-semibold text-ink">{points(c.points)}</span> of {points(c.possible)}
              </span>
            </p>
            {c.level && <p className="font-read text-[15px] text-soft">{c.level}</p>}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Remarks on lines, each with its lines. */
function OnLines({ attempt: v }: { attempt: Api<'OwnAttemptView'> }) {
  const remarks = (v.returned?.remarks ?? []).filter((r) => r.file !== undefined && r.line !== undefined);
  if (remarks.length === 0) {
    return null;
  }
  return (
    <section aria-labelledby="on-lines" className="mt-7">
      <h2 id="on-lines" className="border-b border-rule pb-1 text-[21px]">
        Said of lines
      </h2>
      {remarks.map((r, i) => (
        <div key={i} className="border-b border-rule py-3">
          <Excerpts
            submission={v.attempt.id}
            evidence={[{ file: r.file!, line: r.line!, endLine: r.endLine ?? r.line!, note: '' }]}
            sources={v.files}
            verdict="UNCLEAR"
            most={1}
          />
          <Said remarks={[r]} />
        </div>
      ))}
    </section>
  );
}

function Claim(props: { verdict: Verdict; word: string; children: ReactNode }) {
  return (
    <li className="grid grid-cols-[5px_minmax(0,1fr)] gap-x-3 border-b border-rule py-4 sm:grid-cols-[5px_104px_minmax(0,1fr)]">
      <Stroke verdict={props.verdict} />
      <span className={`text-[14px] font-semibold ${inks[props.verdict]}`}>{props.word}</span>
      <div className="col-start-2 min-w-0 sm:col-start-3">{props.children}</div>
    </li>
  );
}

function Diagnostics({ findings }: { findings: Api<'Findings'> }) {
  return (
    <section aria-labelledby="compiler" className="mt-6 border-l-[4.5px] border-madder pl-5">
      <h2 id="compiler" className="text-[19px]">
        It does not compile
      </h2>
      <p className="text-soft">
        Nothing of it could be run. What could be read of it was looked at all the same.
      </p>
      <ul className="mt-2 text-[14px]">
        {findings.diagnostics.slice(0, 12).map((d, i) => (
          <li key={i} className="break-words">
            {d.file && (
              <code className="name">
                {d.file}
                {d.line > 0 && `:${d.line}`}
              </code>
            )}{' '}
            {d.message}
          </li>
        ))}
      </ul>
    </section>
  );
}
