import { Fragment, useEffect, useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { useAlike, useTakeBack } from '../api/alike';
import { useTwins } from '../api/cohort';
import type { Api } from '../api/client';
import { useExercise } from '../api/exercises';
import { counted, inWords, points } from '../page/count';
import { Mistake as Failure, Notice, Waiting } from '../page/Notice';
import { Page } from '../page/Page';
import { Template } from '../pattern/Asked';
import { RoleSeals } from '../seal/Seal';
import { Stroke } from '../verdict/Stroke';
import { AnswerAll } from './AnswerAll';
import { Asked } from './Asked';
import { differences, usualForm } from './differences';

type Exercise = Api<'ExerciseView'>;
type Likeness = Api<'Likeness'>;

/** What was just answered at once, to be taken back while one is on the page. */
type Done = { id: number; text: string };

/** Submissions with just the same mistakes, to be read together and answered once. */
export function AlikePage() {
  const id = Number(useParams().exercise);
  const exercise = useExercise(id);
  const alike = useAlike(id);
  const e = exercise.data;
  const crumbs = e
    ? [
        { text: e.course.title, to: `/courses/${e.course.id}` },
        { text: `${e.number} · ${e.title}`, to: `/exercises/${id}` },
        { text: 'Same mistakes' },
      ]
    : [{ text: 'Same mistakes' }];
  const error = exercise.error ?? alike.error;
  if (!e || !alike.data) {
    return (
      <Page title="Same mistakes" crumbs={crumbs}>
        {error ? (
          <Notice
            title="The submissions could not be fetched"
            text={error.message}
            again={() => void Promise.all([exercise.refetch(), alike.refetch()])}
          />
        ) : (
          <Waiting what="Putting alike to alike" />
        )}
      </Page>
    );
  }
  return <Groups exercise={e} groups={alike.data.groups} unchecked={alike.data.unchecked} crumbs={crumbs} />;
}

function Groups(props: {
  exercise: Exercise;
  groups: Likeness[];
  unchecked: number;
  crumbs: { text: string; to?: string }[];
}) {
  const { exercise: e, groups } = props;
  const [done, setDone] = useState<Done>();
  const takeBack = useTakeBack(e.id);
  const [query] = useSearchParams();
  const wanted = Number(query.get('with'));
  // somebody came for the pile of one submission
  useEffect(() => {
    const at = groups.findIndex((g) => g.members.some((m) => m.submissionId === wanted));
    document.getElementById(`kind-${at + 1}`)?.scrollIntoView();
    // only when the page is opened
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [wanted]);
  const several = groups.filter((g) => g.members.length > 1).length;
  const all = groups.reduce((sum, g) => sum + g.members.length, 0);
  return (
    <RoleSeals roles={e.patterns.flatMap((p) => p.roles.map((r) => r.name))}>
      <Page
        title={`Same mistakes, ${e.title}`}
        crumbs={props.crumbs}
        left={groups.length > 0 && <Left groups={groups} />}
      >
        <h1 className="text-[27px]">Same mistakes</h1>
        <p className="reading mt-1 max-w-[62ch] text-soft italic">
          {all === 0
            ? 'Nothing is checked yet. As soon as submissions are, those with the same mistakes stand together here.'
            : `${inWords(all)} ${all === 1 ? 'submission' : 'submissions'}, ${groups.length} ${
                groups.length === 1 ? 'kind' : 'kinds'
              }. Read two or three of a kind, then answer all of them at once.`}
          {props.unchecked > 0 &&
            ` ${inWords(props.unchecked)} ${props.unchecked === 1 ? 'has' : 'have'} no report yet.`}
        </p>
        <div role="status" aria-live="polite">
          {done && (
            <p className="mt-4 border-l-[4.5px] border-verdigris py-1 pl-4">
              {done.text}{' '}
              <button
                type="button"
                className="quiet ml-2"
                disabled={takeBack.isPending}
                onClick={() =>
                  takeBack.mutate(done.id, {
                    onSuccess: (back) => setDone({ id: 0, text: saidBack(back) }),
                  })
                }
                hidden={done.id === 0}
              >
                Undo it for all
              </button>
            </p>
          )}
        </div>
        <Failure error={takeBack.error} />
        <ol className="mt-4">
          {groups.map((g, i) => (
            <Fragment key={keyOf(g)}>
              {i === several && several > 0 && (
                <li id="alone" className="scroll-mt-16 border-t border-rule pt-6 pb-1">
                  <p className="margin-heading">Alone in their kind</p>
                </li>
              )}
              <Group
                anchor={`kind-${i + 1}`}
                exercise={e}
                group={g}
                onDone={(given) => setDone({ id: given.id, text: said(given) })}
              />
            </Fragment>
          ))}
        </ol>
        <NearTwins exercise={e} />
      </Page>
    </RoleSeals>
  );
}

const keyOf = (g: Likeness) => `${g.compiles} ${g.mistakes.map((m) => `${m.item}=${m.proposed}`).join(' ')}`;

function leftOut(given: Api<'Given'>): string {
  const n = given.leftOut.length;
  return n === 0
    ? ''
    : ` ${inWords(n)} ${n === 1 ? 'was' : 'were'} changed by somebody meanwhile and left as ${n === 1 ? 'it is' : 'they are'}.`;
}

function said(given: Api<'Given'>): string {
  return `${counted(given.answered.length, 'submission')} answered.${leftOut(given)}`;
}

function saidBack(given: Api<'Given'>): string {
  return `Taken back at ${counted(given.answered.length, 'submission')}.${leftOut(given)}`;
}

function Entry({ to, text, n }: { to: string; text: string; n: number }) {
  return (
    <li className="border-b border-dotted border-rule">
      <a href={`#${to}`} className="flex justify-between gap-3 py-1.5 hover:underline">
        <span>{text}</span>
        <span className="text-soft">{n}</span>
      </a>
    </li>
  );
}

function Left({ groups }: { groups: Likeness[] }) {
  const alone = groups.filter((g) => g.members.length === 1).length;
  return (
    <nav aria-label="Kinds of mistakes">
      <p className="margin-heading">Kinds</p>
      <ol className="mt-1">
        {groups
          .filter((g) => g.members.length > 1)
          .map((g, i) => (
            <Entry key={keyOf(g)} to={`kind-${i + 1}`} text={short(g)} n={g.members.length} />
          ))}
        {alone > 0 && (
          <Entry to={alone === groups.length ? 'kind-1' : 'alone'} text="Alone in their kind" n={alone} />
        )}
      </ol>
    </nav>
  );
}

function short(g: Likeness): string {
  if (!g.compiles) {
    return 'Does not compile';
  }
  return g.mistakes.length === 0 ? 'Nothing is missing' : counted(g.mistakes.length, 'mistake');
}

function Group(props: {
  anchor: string;
  exercise: Exercise;
  group: Likeness;
  onDone: (given: Api<'Given'>) => void;
}) {
  const { group: g, exercise: e } = props;
  const [answering, setAnswering] = useState(false);
  const usual = usualForm(g.members);
  const settled = g.members.filter((m) => m.settled).length;
  return (
    <li id={props.anchor} className="scroll-mt-16 border-t border-rule py-5">
      <div className="flex items-baseline gap-4">
        <span className="font-read text-[27px] font-bold">{g.members.length}</span>
        <h2 className="text-[19px]">{short(g)}</h2>
        <span className="text-[14px] text-soft">
          {settled === g.members.length ? 'all settled' : settled > 0 ? `${settled} of them settled` : ''}
        </span>
      </div>
      {g.mistakes.length > 0 && (
        <ul className="mt-2">
          {g.mistakes.map((m) => (
            <li key={m.item} className="flex gap-3 py-1.5">
              <Stroke verdict={m.proposed > 0 ? 'PARTLY' : 'MISSING'} />
              <span className="reading min-w-0 flex-1">
                <Asked item={m.item} exercise={e} />
              </span>
              <span className="text-[14px] whitespace-nowrap text-soft">
                {points(m.proposed)} of {points(m.possible)}
              </span>
            </li>
          ))}
        </ul>
      )}
      {g.misses.map((miss, i) => (
        <Way
          key={i}
          miss={miss}
          alone={g.misses.length === 1}
          members={g.members.filter((m) => m.miss === i)}
          exercise={e}
          usual={usual}
        />
      ))}
      {e.rights.includes('MARK') &&
        (answering ? (
          <AnswerAll
            exercise={e}
            group={g}
            usual={usual}
            onLeave={() => setAnswering(false)}
            onDone={(given) => {
              setAnswering(false);
              props.onDone(given);
            }}
          />
        ) : (
          <button type="button" className="act mt-3 mr-5" onClick={() => setAnswering(true)}>
            {g.members.length === 1 ? 'Answer it' : `Answer all ${g.members.length}`}
          </button>
        ))}
      {g.members.length > 1 && (
        <Link
          to={`/exercises/${e.id}/beside?of=${g.members
            .slice(0, 4)
            .map((m) => m.submissionId)
            .join(',')}`}
          className="quiet mt-3 inline-block text-[14px]"
        >
          {g.members.length > 4 ? 'The first four' : 'All of them'} side by side
        </Link>
      )}
    </li>
  );
}

/** Those who miss the same in the same way. */
function Way(props: {
  miss: Api<'Miss'>;
  alone: boolean;
  members: Api<'Alike'>[];
  exercise: Exercise;
  usual: string | undefined;
}) {
  const { miss, members, exercise: e } = props;
  const said = miss.said.filter((s) => s !== '');
  const roles = e.patterns.flatMap((p) => p.roles.map((r) => r.name));
  return (
    <div className={props.alone ? 'mt-2' : 'mt-3 border-l border-rule pl-3'}>
      {!props.alone && said.length > 0 && (
        <p className="font-read text-[15px] text-soft">
          <span className="font-ui font-semibold text-ink">{miss.count}: </span>
          {said.map((s, i) => (
            <span key={i}>
              <Template text={s} roles={roles} />{' '}
            </span>
          ))}
        </p>
      )}
      <ul className="mt-1 flex flex-wrap gap-x-5 gap-y-1.5" aria-label="Submissions">
        {members.map((m) => {
          const odd = differences(m, props.usual);
          return (
            <li key={m.submissionId} className="text-[14px]">
              <Link
                to={`/submissions/${m.submissionId}`}
                className={`quiet inline-block min-h-[24px] break-words ${m.settled ? 'text-soft' : 'font-semibold'}`}
              >
                {m.student.name}
              </Link>
              {odd.length > 0 && <span className="text-soft"> ({odd.join(', ')})</span>}
            </li>
          );
        })}
      </ul>
    </div>
  );
}

/** Submissions of different students that are equal but for names, as a fact. */
function NearTwins({ exercise: e }: { exercise: Exercise }) {
  const twins = useTwins(e.id);
  const groups = twins.data ?? [];
  if (groups.length === 0) {
    return null;
  }
  return (
    <section id="twins" aria-labelledby="twins-heading" className="mt-8 scroll-mt-16">
      <h2 id="twins-heading" className="border-b border-rule pb-1 text-[21px]">
        Equal but for names
      </h2>
      <p className="mt-2 max-w-[66ch] text-soft">
        These have the same types and the same bodies, with other names, comments or order; what was handed
        out does not count. Why that is so, they do not say.
      </p>
      <ul className="mt-2">
        {groups.map((g) => (
          <li
            key={g.members[0]!.submissionId}
            className="flex flex-wrap gap-x-5 border-b border-dotted border-rule py-2"
          >
            {g.members.map((m) => (
              <Link
                key={m.submissionId}
                to={`/submissions/${m.submissionId}`}
                className="quiet inline-block min-h-[24px]"
              >
                {m.student.name}
                <span className="text-[13px]">, group {m.student.group}</span>
              </Link>
            ))}
            <Link
              to={`/exercises/${e.id}/beside?of=${g.members
                .slice(0, 4)
                .map((m) => m.submissionId)
                .join(',')}`}
              className="quiet ml-auto text-[14px]"
            >
              side by side
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
