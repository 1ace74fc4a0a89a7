import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import type { Api } from '../api/client';
import { useExercise, useSheet } from '../api/exercises';
import { fetchAhead, useSubmission } from '../api/marks';
import { useReading } from '../api/presence';
import { takeBack } from '../api/undo';
import { isOwn } from '../exercise/tally';
import { CameByGit } from '../git/CameByGit';
import { RoleSeals } from '../seal/Seal';
import { Later } from '../page/Later';
import { Mistake, Notice, Waiting } from '../page/Notice';
import { Page } from '../page/Page';
import { useKeys } from '../page/useKeys';
import { type RowProps } from './ClaimRow';
import { GiveRole, type Asked } from './GiveRole';
import { judgedOf, useJudging, type Judged } from './judging';
import { Margin } from './Margin';
import { useCursor } from './useCursor';
import { WholeFile } from './WholeFile';
import { Left } from './Left';
import { Questions } from './Questions';
import { Report } from './Report';
import { Rights, type Right } from './rights';

type Submission = Api<'SubmissionView'>;

/** Before it is known what somebody may do. */
const NONE: Right[] = [];

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
  const rights = exercise.data?.rights ?? NONE;
  const marks = rights.includes('MARK');
  const judging = useJudging(s);
  const judged = judgedOf(s);
  useReading(s.id);
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
  const reading = {
    n: () => void go(next),
    b: () => void go(before),
    o: () => at((j) => cursor.row(j.item)?.querySelector<HTMLElement>('[data-unfold]')?.click()),
    d: () => document.getElementById('shape-heading')?.focus(),
    q: () => cursor.to(open[0]?.item),
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
  };
  const judge = {
    f: () => document.getElementById('write-feedback')?.click(),
    t: () => at(judging.take, (j) => !j.open || j.levels.length === 0),
    m: () => answer(judging.met),
    x: () => answer(judging.notMet),
    p: () => at((j) => cursor.row(j.item)?.querySelector<HTMLElement>('[data-points]')?.click()),
    r: () => at((j) => setSaying(j.item)),
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
  };
  useKeys(marks ? { ...reading, ...judge } : reading);
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
    onType: marks ? (type) => setAsked({ type }) : undefined,
  };
  return (
    <Rights value={rights}>
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
          left={<Left submission={s} open={open} onRole={marks ? (role) => setAsked({ role }) : undefined} />}
          right={
            <Margin
              submission={s}
              open={open.length}
              onOpen={() => cursor.to(open[0]?.item)}
              onSettled={s.review.second ? undefined : goOn}
              reader={rows.find((r) => r.student.id === s.student.id && !r.mine)?.reader}
            />
          }
        >
          <Mistake error={judging.error ?? undone} />
          {s.review.second && <ReadsTwice second={s.review.second} exercise={s.exercise.exerciseId} />}
          <Questions submission={s} />
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
            <Sources submission={s} onType={marks && s.report ? (type) => setAsked({ type }) : undefined} />
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
    </Rights>
  );
}

/** Said to whoever reads a submission as its second. */
function ReadsTwice({ second, exercise }: { second: Api<'SecondLook'>; exercise: number }) {
  return (
    <section role="note" className="mb-6 border-l-[4.5px] border-slate py-1 pl-5">
      <h2 className="text-[18px]">You read this a second time</h2>
      <p className="reading max-w-[60ch] text-soft">
        {second.blind
          ? 'What the first reader gave is kept from you until you are done. '
          : second.first
            ? `${second.first} read it first. `
            : ''}
        Your points stand beside those that count; feedback and remarks are the first reader’s.{' '}
        <Link className="quiet" to={`/exercises/${exercise}/read-twice`}>
          All that is read twice
        </Link>
      </p>
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
      {submission.report && (
        <p className="mt-1 text-[13px] text-soft">
          For other tools:{' '}
          <a className="quiet" href={`/api/submissions/${submission.id}/findings.sarif`} download>
            claims as SARIF
          </a>{' '}
          <a className="quiet ml-2" href={`/api/submissions/${submission.id}/runs.xml`} download>
            runs as JUnit XML
          </a>
        </p>
      )}
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
