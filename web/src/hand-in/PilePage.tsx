import { useState } from 'react';
import { Link, useParams } from 'react-router';
import type { Api } from '../api/client';
import { useExercise } from '../api/exercises';
import {
  useConfirmPile,
  useDiscardPile,
  usePiles,
  useSettlePiece,
  useUploadPile,
  type Pile,
} from '../api/piles';
import { Confirmed } from '../page/Confirmed';
import { inWords } from '../page/count';
import { Moment } from '../page/Moment';
import { Mistake, Notice, Waiting } from '../page/Notice';
import { Page } from '../page/Page';
import { FileDrop } from './FileDrop';

type Piece = Api<'PileLine'>;

/** Handing in by the hundred: everybody's work at once, matched to students, settled where in doubt, and then it counts. */
export function PilePage() {
  const id = Number(useParams().exercise);
  const exercise = useExercise(id);
  const piles = usePiles(id);
  const [sent, setSent] = useState(0);
  const upload = useUploadPile(id, setSent);
  const confirm = useConfirmPile(id);
  const e = exercise.data;
  return (
    <Page
      title="Hand in for many"
      crumbs={[
        { text: e?.course.title ?? 'Course', to: e && `/courses/${e.course.id}` },
        { text: e ? `${e.number} · ${e.title}` : 'Exercise', to: `/exercises/${id}` },
        { text: 'Hand in for many' },
      ]}
    >
      <div className="mx-auto max-w-[900px]">
        <h1 className="text-[27px]">Hand in for many</h1>
        <p className="reading mt-1 max-w-[62ch] text-soft">
          One archive or folder with everybody’s work in it: an archive, a folder or a file for each. Whose it
          is is told from the number, the e-mail address or the name. Nothing counts before you confirm it.
        </p>
        {exercise.isError && (
          <Notice title="The exercise could not be opened" text={exercise.error.message} />
        )}
        {confirm.data && (
          <p role="status" className="mt-4 border-l-[3px] border-verdigris pl-3">
            {inWords(confirm.data.handedIn)} handed in, and their checks have begun.
            {confirm.data.again > 0 &&
              ` ${inWords(confirm.data.again)} had been handed in just so before and made no further attempt.`}
            {confirm.data.leftOut > 0 && ` ${inWords(confirm.data.leftOut)} left out.`}{' '}
            <Link to={`/exercises/${id}`} className="quiet">
              See them
            </Link>
          </p>
        )}
        <div className="mt-4">
          <FileDrop
            label="Everybody’s work"
            what="One .zip or .tar.gz, or a folder. It can be dropped here; at most 120 MB."
            accept={['.zip', '.tar', '.gz', '.tgz', ...(exercise.data?.rules?.endings ?? [])].join(',')}
            busy={upload.isPending}
            onChosen={(files) => {
              setSent(0);
              confirm.reset();
              upload.mutate(files);
            }}
          />
        </div>
        {upload.isPending && (
          <div className="mt-3">
            <Waiting
              what={
                sent < 1 ? `Sending, ${Math.round(sent * 100)} % so far` : 'Taking it apart and reading it'
              }
            />
            <progress
              className="mt-1 w-full accent-slate"
              value={sent < 1 ? sent : undefined}
              aria-label="Sending"
            />
          </div>
        )}
        <Mistake error={upload.error} />
        {piles.isError && <Notice title="The piles could not be fetched" text={piles.error.message} />}
        {(piles.data ?? [])
          .slice()
          .reverse()
          .map((p) => (
            <OnePile key={p.id} exercise={id} pile={p} students={e?.students ?? []} confirm={confirm} />
          ))}
      </div>
    </Page>
  );
}

function OnePile(props: {
  exercise: number;
  pile: Pile;
  students: Api<'Student'>[];
  confirm: ReturnType<typeof useConfirmPile>;
}) {
  const { pile, confirm } = props;
  const discard = useDiscardPile(props.exercise);
  const [at, setAt] = useState('');
  const doubtful = pile.pieces.filter((p) => p.doubtful && !p.problem && !p.leftOut);
  const broken = pile.pieces.filter((p) => p.problem);
  const rest = pile.pieces.filter((p) => !doubtful.includes(p) && !broken.includes(p));
  return (
    <section aria-labelledby={`pile-${pile.id}`} className="mt-8 border-t-2 border-ink pt-4">
      <div className="flex items-baseline justify-between gap-4">
        <h2 id={`pile-${pile.id}`} className="min-w-0 text-[21px] break-words">
          {pile.name}
        </h2>
        <span className="shrink-0 text-[14px] text-soft">
          {pile.uploadedBy}, <Moment at={pile.uploadedAt} />
        </span>
      </div>
      <p className="reading" role="status">
        {inWords(pile.ready)} {pile.ready === 1 ? 'is' : 'are'} ready
        {pile.doubtful > 0 && (
          <span className="font-semibold text-slate">
            , {pile.doubtful} {pile.doubtful === 1 ? 'needs' : 'need'} you
          </span>
        )}
        {broken.length > 0 && `, ${broken.length} cannot be used`}.
      </p>
      <Pieces title="Whose is it?" pieces={doubtful} {...props} />
      <Pieces title="Cannot be used" pieces={broken} {...props} />
      <details className="mt-4" open={rest.length <= 12 && doubtful.length === 0}>
        <summary className="quiet w-fit">The {rest.length} that are settled</summary>
        <Pieces title="" pieces={rest} {...props} />
      </details>
      <label className="mt-5 block" htmlFor={`at-${pile.id}`}>
        <span className="font-semibold">Handed in at another time than now?</span>
        <span className="block text-[14px] text-soft">
          Leave it empty for the moment of the upload; by this time it is late or not.
        </span>
      </label>
      <input
        id={`at-${pile.id}`}
        type="datetime-local"
        className="field mt-1 w-auto"
        value={at}
        onChange={(e) => setAt(e.target.value)}
      />
      <Mistake error={confirm.error ?? discard.error} />
      <div className="mt-4 flex flex-wrap items-center gap-5">
        <button
          type="button"
          className="act act-first"
          disabled={confirm.isPending || pile.doubtful > 0 || pile.ready === 0}
          onClick={() => confirm.mutate({ pile: pile.id, at: at ? new Date(at).toISOString() : undefined })}
        >
          {confirm.isPending
            ? 'Handing in …'
            : pile.doubtful > 0
              ? `Settle ${pile.doubtful === 1 ? 'one' : pile.doubtful} first`
              : `Hand in all ${pile.ready}`}
        </button>
        <Confirmed
          text="Throw the pile away"
          now="Throw it away"
          about={<span className="text-soft">Nothing of it was handed in.</span>}
          onConfirm={() => discard.mutate(pile.id)}
        />
      </div>
    </section>
  );
}

function Pieces(props: {
  title: string;
  pieces: Piece[];
  exercise: number;
  pile: Pile;
  students: Api<'Student'>[];
}) {
  const settle = useSettlePiece(props.exercise);
  if (props.pieces.length === 0) {
    return null;
  }
  const say = (piece: number, student?: number) => settle.mutate({ pile: props.pile.id, piece, student });
  return (
    <div className="mt-4">
      {props.title && <h3 className="margin-heading">{props.title}</h3>}
      <ul>
        {props.pieces.map((p) => (
          <li
            key={p.id}
            className="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)_84px] items-baseline gap-x-4 border-b border-dotted border-rule py-2 [content-visibility:auto]"
          >
            <span className="min-w-0">
              <span
                className={`block truncate font-semibold ${p.leftOut ? 'text-soft line-through' : ''}`}
                title={p.name}
              >
                {p.name}
              </span>
              <span className="block text-[14px] text-soft">
                {p.problem ??
                  `${p.files === 1 ? 'One source' : `${p.files} sources`}. ${p.leftOut ? 'Left out.' : p.reason}`}
              </span>
            </span>
            {p.problem ? (
              <span className="text-[14px] text-soft">left out</span>
            ) : (
              <select
                aria-label={`Whose ${p.name} is`}
                className="field"
                value={p.leftOut ? '' : (p.student?.id ?? '')}
                disabled={settle.isPending}
                onChange={(e) => e.target.value && say(p.id, Number(e.target.value))}
              >
                <option value="">{p.leftOut ? 'Left out' : 'Choose …'}</option>
                {props.students.map((s) => (
                  <option key={s.id} value={s.id}>
                    {s.name} · {s.number}
                  </option>
                ))}
              </select>
            )}
            <span className="text-right text-[14px]">
              {!p.problem && !p.leftOut && p.doubtful && p.student && (
                <button type="button" className="quiet mr-2" onClick={() => say(p.id, p.student!.id)}>
                  Right
                  <span className="sr-only">
                    : {p.name} is {p.student.name}’s
                  </span>
                </button>
              )}
              {!p.problem && !p.leftOut && (
                <button type="button" className="quiet" onClick={() => say(p.id)}>
                  Leave out
                  <span className="sr-only"> {p.name}</span>
                </button>
              )}
            </span>
          </li>
        ))}
      </ul>
      <Mistake error={settle.error} />
    </div>
  );
}
