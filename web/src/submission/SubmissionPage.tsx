import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useMemo, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import type { Api } from '../api/client';
import { isBeingChecked, useExercise, useSheet } from '../api/exercises';
import { fetchAhead, useSubmission } from '../api/marks';
import { takeBack } from '../api/undo';
import { SequenceDiagram } from '../diagram/SequenceDiagram';
import { isOwn } from '../exercise/tally';
import { CameByGit } from '../git/CameByGit';
import { RoleSeals } from '../seal/Seal';
import { KeyTable } from '../page/KeyTable';
import { Later } from '../page/Later';
import { Moment } from '../page/Moment';
import { Mistake, Notice, Waiting } from '../page/Notice';
import { Page } from '../page/Page';
import { Words } from '../page/Words';
import { useKeys } from '../page/useKeys';
import { Stroke } from '../verdict/Stroke';
import { heading, requirementsOf, scenariosOf, summary } from './claims';
import { RequirementRow, ScenarioRow, type RowProps } from './ClaimRow';
import { CriterionRow } from './CriterionRow';
import { Excerpts } from './Excerpt';
import { GiveRole, type Asked } from './GiveRole';
import { judgedOf, useJudging, type Judged } from './judging';
import { Margin } from './Margin';
import { Shape } from './Shape';
import { restingOf } from './shared';
import { useCursor } from './useCursor';
import { WhoIsWho } from './WhoIsWho';
import { WholeFile } from './WholeFile';

type Submission = Api<'SubmissionView'>;

/** A submission as a page of claims and evidence. */
export function SubmissionPage() {
  const id = Number(useParams().submission);
  const submission = useSubmission(id);
  const exerciseId = submission.data?.exercise.exerciseId;
  const sheet = useSheet(exerciseId);
  if (!submission.data) {
    return (
      <Page title="Submission" crumbs={[{ text: 'Submission' }]}>
        {submission.isError ? (
          <Notice
            title="The submission could not be opened"
            text={submission.error.message}
            again={() => void submission.refetch()}
          />
        ) : (
          <Waiting what="Opening the submission" />
        )}
      </Page>
    );
  }
  return <Opened key={id} submission={submission.data} rows={ownFirst(sheet.data)} />;
}

/** The pile to be read: who looks after groups has these before the others. */
function ownFirst(sheet?: Api<'Sheet'>): Api<'Row'>[] {
  const own = sheet?.ownGroups ?? [];
  return [...(sheet?.rows ?? [])].sort((a, b) => Number(isOwn(b, own)) - Number(isOwn(a, own)));
}

function Opened({ submission: s, rows }: { submission: Submission; rows: Api<'Row'>[] }) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const exercise = useExercise(s.exercise.exerciseId);
  const pile = rows.filter((r) => r.handedIn);
  const place = pile.findIndex((r) => r.student.id === s.student.id);
  const next = place >= 0 ? pile[place + 1] : undefined;
  const before = place > 0 ? pile[place - 1] : undefined;
  const [saying, setSaying] = useState<string>();
  const [asked, setAsked] = useState<Asked>();
  const [undone, setUndone] = useState<Error | null>(null);
  const judging = useJudging(s);
  const judged = judgedOf(s);
  const open = judged.filter((j) => j.open);
  const cursor = useCursor();
  const nextId = next?.handedIn?.submissionId;
  useEffect(() => {
    if (nextId !== undefined) {
      fetchAhead(queries, nextId);
    }
  }, [queries, nextId]);
  const go = (row?: Api<'Row'>) => row && navigate(`/submissions/${row.handedIn!.submissionId}`);
  /** The next that nobody has settled, round the pile; else back to the exercise. */
  const goOn = () => {
    const left = [...pile.slice(place + 1), ...pile.slice(0, Math.max(0, place))].find((r) => !r.settled);
    void navigate(
      left ? `/submissions/${left.handedIn!.submissionId}` : `/exercises/${s.exercise.exerciseId}`,
    );
  };
  /** Does something with the claim that the keyboard is on; goes to the first that waits where it is on none. */
  const at = (act: (j: Judged) => void, wanted: (j: Judged) => boolean = () => true) => {
    const here = judged.find((j) => j.item === cursor.at());
    if (!here) {
      cursor.to((open[0] ?? judged[0])?.item);
    } else if (wanted(here)) {
      act(here);
    }
  };
  /** The same, and on to the next question where this was one. */
  const answer = (act: (j: Judged) => void) =>
    at((j) => {
      act(j);
      const following = open.find((o) => o.item !== j.item && judged.indexOf(o) > judged.indexOf(j));
      if (j.open && following) {
        cursor.to(following.item);
      }
    });
  const find = (item: string) => judged.find((j) => j.item === item);
  const settling = () => document.getElementById('settle')?.click();
  useKeys({
    n: () => void go(next),
    b: () => void go(before),
    f: () => document.getElementById('write-feedback')?.click(),
    '.': () =>
      cursor.move(
        judged.map((j) => j.item),
        1,
      ),
    ',': () =>
      cursor.move(
        judged.map((j) => j.item),
        -1,
      ),
    q: () => cursor.to(open[0]?.item),
    t: () => at(judging.take, (j) => !j.open || j.levels.length === 0),
    m: () => answer(judging.met),
    x: () => answer(judging.notMet),
    p: () => at((j) => cursor.row(j.item)?.querySelector<HTMLElement>('[data-points]')?.click()),
    r: () => at((j) => setSaying(j.item)),
    o: () => at((j) => cursor.row(j.item)?.querySelector<HTMLElement>('[data-unfold]')?.click()),
    d: () => document.getElementById('shape-heading')?.focus(),
    s: settling,
    u: () =>
      void takeBack()
        .then((back) => {
          setUndone(null);
          if (back && back.submission !== s.id) {
            void navigate(`/submissions/${back.submission}`);
          }
        })
        .catch((error: Error) => setUndone(error)),
    ...Object.fromEntries(
      Array.from({ length: 9 }, (_, i) => [
        `${i + 1}`,
        () =>
          at(
            (j) => judging.level(j, i + 1),
            (j) => j.levels.length > i,
          ),
      ]),
    ),
  });
  const roles = s.report
    ? Object.keys(s.report.roles)
    : (exercise.data?.patterns.flatMap((p) => p.roles.map((r) => r.name)) ?? []);
  const many = new Set(
    exercise.data?.patterns.flatMap((p) => p.roles.filter((r) => r.many).map((r) => r.name)),
  );
  const row: Omit<RowProps, 'submission'> = {
    saying,
    onSaying: setSaying,
    onMet: (item) => judging.met(find(item)!),
    onNotMet: (item) => judging.notMet(find(item)!),
    onType: (type) => setAsked({ type }),
  };
  return (
    <RoleSeals roles={roles}>
      <Page
        title={`${s.student.name}, ${s.exercise.title}`}
        crumbs={[
          { text: s.exercise.course, to: `/courses/${s.exercise.courseId}` },
          { text: `${s.exercise.number} · ${s.exercise.title}`, to: `/exercises/${s.exercise.exerciseId}` },
          { text: place >= 0 ? `submission ${place + 1} of ${pile.length}` : s.student.name },
        ]}
        next={
          next && (
            <Link to={`/submissions/${next.handedIn!.submissionId}`} className="hover:text-ink">
              Next: <span className="font-semibold text-ink">{next.student.name}</span>{' '}
              <kbd className="key">n</kbd>
            </Link>
          )
        }
        left={<Left submission={s} open={open} onRole={(role) => setAsked({ role })} />}
        right={
          <Margin
            submission={s}
            open={open.length}
            onOpen={() => cursor.to(open[0]?.item)}
            onSettled={goOn}
          />
        }
      >
        <Mistake error={judging.error ?? undone} />
        {s.report ? (
          <Report
            submission={s}
            report={s.report}
            row={row}
            patterns={exercise.data?.patterns ?? []}
            title={
              exercise.data?.patterns.map((p) => p.title).join(' and ') ||
              s.report.pattern.replace('+', ' and ')
            }
          />
        ) : (
          <NoReport submission={s} />
        )}
        <Later>
          <CameByGit submission={s.id} />
          <Sources submission={s} onType={s.report && ((type) => setAsked({ type }))} />
        </Later>
        {asked && s.report && (
          <GiveRole
            submission={s}
            report={s.report}
            asked={asked}
            many={many}
            onClose={() => setAsked(undefined)}
          />
        )}
      </Page>
    </RoleSeals>
  );
}

function Left(props: { submission: Submission; open: Judged[]; onRole: (role: string) => void }) {
  const { submission: s, open } = props;
  const claims = s.report ? requirementsOf(s.report) : [];
  const runs = s.report ? scenariosOf(s.report) : [];
  const count = (...v: string[]) => claims.filter((c) => v.includes(c.verdict));
  const passed = runs.filter((c) => c.verdict === 'MET').length;
  const lines: [string, string | undefined, string | number][] = [
    ['To settle', open[0] && anchorOf(open[0].item), open.length],
    ['Missing', count('MISSING', 'PARTLY')[0]?.finding.id, count('MISSING', 'PARTLY').length],
    ['Met', count('MET')[0]?.finding.id, count('MET').length],
    ['Behaviour', 'behaviour', `${passed} of ${runs.length}`],
  ];
  return (
    <>
      <p className="text-[15px] font-semibold break-words" data-testid="student">
        {s.student.name}
      </p>
      <p className="text-soft">
        {s.student.number}, group {s.student.group}
      </p>
      <p className="text-soft">
        Attempt {s.attempt}, <Moment at={s.uploadedAt} />
        <br />
        {s.late ? <span className="font-semibold text-ochre">late</span> : 'on time'}
      </p>
      {s.version !== undefined && s.version !== s.exercise.version && (
        <p className="mt-1 border-l-[3px] border-ochre pl-2 text-ochre">
          Checked with version {s.version} of the exercise; version {s.exercise.version} is in force.
        </p>
      )}
      {s.attempts.length > 1 && (
        <p className="mt-1 text-soft">
          All attempts:{' '}
          {s.attempts.map((a) => (
            <Link
              key={a.id}
              to={`/submissions/${a.id}`}
              aria-current={a.id === s.id ? 'page' : undefined}
              className={a.id === s.id ? 'mr-2 font-semibold text-ink' : 'quiet mr-2'}
            >
              {a.attempt}
            </Link>
          ))}
        </p>
      )}
      {s.report && (
        <>
          <ul className="mt-6">
            {lines.map(([text, to, n]) => (
              <li key={text} className="border-b border-dotted border-rule">
                <a
                  href={to ? `#${to}` : undefined}
                  className={`flex justify-between py-1.5 ${to ? 'hover:underline' : 'text-soft'}`}
                >
                  <span className={text === 'To settle' && n !== 0 ? 'font-semibold' : ''}>{text}</span>
                  <span className="text-soft">{n}</span>
                </a>
              </li>
            ))}
          </ul>
          <WhoIsWho
            report={s.report}
            binding={s.binding}
            onChange={isBeingChecked(s.state) ? undefined : props.onRole}
          />
        </>
      )}
      <p className="mt-7 text-[14px]">
        <Link
          to={`/exercises/${s.exercise.exerciseId}/beside?of=${s.id}`}
          className="quiet inline-block py-[3px]"
        >
          Lay beside others
        </Link>
        <br />
        <Link
          to={`/exercises/${s.exercise.exerciseId}/alike?with=${s.id}`}
          className="quiet inline-block py-[3px]"
        >
          Those with the same mistakes
        </Link>
      </p>
      <KeyTable groups={KEYS} />
    </>
  );
}

/** Where on the page something that points are given for stands. */
function anchorOf(item: string): string {
  return item.startsWith('requirement:')
    ? item.slice('requirement:'.length)
    : item.replace(/^scenario:/, 'run-');
}

const KEYS = [
  {
    title: 'Going',
    lines: [
      { keys: ['.', ','], does: 'next claim, the one before' },
      { keys: ['q'], does: 'first open question' },
      { keys: ['o'], does: 'open or close a claim' },
      { keys: ['d'], does: 'to the class diagram' },
      { keys: ['n', 'b'], does: 'next submission, the one before' },
    ],
  },
  {
    title: 'Judging the claim you are on',
    lines: [
      { keys: ['t'], does: 'take the points proposed' },
      { keys: ['m'], does: 'met, with all points' },
      { keys: ['x'], does: 'not met, without points' },
      { keys: ['p'], does: 'other points, with a reason' },
      { keys: ['1–9'], does: 'a level, where a person judges' },
      { keys: ['r'], does: 'say something of it' },
    ],
  },
  {
    title: 'The whole',
    lines: [
      { keys: ['f'], does: 'write feedback' },
      { keys: ['s'], does: 'settle and go on' },
      { keys: ['u'], does: 'undo what was done last' },
      { keys: ['?'], does: 'these keys' },
    ],
  },
];

function Report(props: {
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

function NoReport({ submission: s }: { submission: Submission }) {
  if (s.state === 'FAILED') {
    return (
      <Notice
        title="This could not be checked"
        text={`${s.failure ?? ''} The sources are safe, below. It can be checked again on the right.`}
      />
    );
  }
  return (
    <section aria-live="polite">
      <h1 className="text-[27px]">Being checked</h1>
      <p className="reading text-soft italic">{s.progress ?? 'Waiting for its turn'} …</p>
      <p className="reading mt-2 text-soft">The claims appear here by themselves, in a few seconds.</p>
    </section>
  );
}

function Sources({ submission, onType }: { submission: Submission; onType?: (id: string) => void }) {
  return (
    <section aria-labelledby="sources-heading" className="mt-9">
      <h2 id="sources-heading" className="border-b border-rule pb-1 text-[21px]">
        Sources
      </h2>
      {submission.sources.map((f) => (
        <SourceText key={f.path} submission={submission} file={f} onType={onType} />
      ))}
    </section>
  );
}

/** A file, fetched when it is opened. */
function SourceText(props: {
  submission: Submission;
  file: Api<'SourceLine'>;
  onType?: (id: string) => void;
}) {
  const { file } = props;
  const [open, setOpen] = useState(false);
  return (
    <div className="border-b border-dotted border-rule py-1.5">
      <button type="button" aria-expanded={open} className="hover:underline" onClick={() => setOpen(!open)}>
        <code className="font-code text-[13.5px]">{file.path}</code>{' '}
        <span className="text-[13px] text-soft">
          {file.lines} {file.lines === 1 ? 'line' : 'lines'}
        </span>
      </button>
      {open && (
        <WholeFile
          submission={props.submission}
          path={file.path}
          at={1}
          onClose={() => setOpen(false)}
          onType={props.onType}
        />
      )}
    </div>
  );
}
