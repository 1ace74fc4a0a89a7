import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import {
  useCheckAll,
  useDeleteExercise,
  usePutInForce,
  useRestore,
  type Manuscript,
} from '../api/manuscript';
import type { Api } from '../api/client';
import type { Sentences } from '../api/notation';
import { useSheet } from '../api/exercises';
import { Confirmed } from '../page/Confirmed';
import { inWords, points } from '../page/count';
import { Moment } from '../page/Moment';
import { Mistake } from '../page/Notice';
import { worth } from './parts';

/** The person's margin: whether it is open, what keeps it from that, and its versions. */
export function Standing(props: {
  manuscript: Manuscript;
  parts: Sentences[];
  criteria: Api<'Criterion'>[];
  readOnly: boolean;
  beforePutting: () => Promise<void>;
}) {
  const { manuscript: m } = props;
  const put = usePutInForce(m.id);
  const [note, setNote] = useState('');
  const inForce = m.versions.find((v) => v.inForce);
  const blocking = m.problems.filter((p) => p.blocks);
  const advice = m.problems.filter((p) => !p.blocks);
  const sum = props.parts.length > 0 && worth(props.parts, props.criteria);
  return (
    <>
      <div className="border-y border-t-2 border-rule border-t-ink py-3">
        {sum ? (
          <>
            <span className="font-read text-[29px] font-bold">
              {points(sum.claims + sum.runs + sum.judged)}
            </span>
            <span className="ml-2 text-[15px] text-soft">points</span>
            <p className="text-soft">
              {points(sum.claims)} for what is there, {points(sum.runs)} for what it does
              {sum.judged > 0 && `, ${points(sum.judged)} for what a person judges`}
            </p>
          </>
        ) : (
          <span className="text-soft">No points before the pattern reads.</span>
        )}
      </div>
      <section aria-labelledby="standing-heading" className="mt-4">
        <h2 id="standing-heading" className="margin-heading">
          {inForce ? 'In force' : 'Not open yet'}
        </h2>
        <p className="mt-1.5 text-soft">
          {inForce ? (
            m.unlike.length === 0 ? (
              <>Version {inForce.number} is what stands here.</>
            ) : (
              <>
                Version {inForce.number} is in force. Different here: {m.unlike.slice(0, 4).join(', ')}
                {m.unlike.length > 4 && ` and ${m.unlike.length - 4} more`}.
              </>
            )
          ) : (
            'Nobody but the staff sees it, and nothing can be handed in.'
          )}
        </p>
        {blocking.length > 0 && (
          <ul aria-label="What keeps it from being opened" className="mt-3 grid gap-2">
            {blocking.map((p, i) => (
              <li key={i} className="border-l-[3px] border-madder pl-2 text-madder">
                {p.path}
                {p.line > 0 && `, line ${p.line}`}: {p.message}
              </li>
            ))}
          </ul>
        )}
        {advice.length > 0 && (
          <ul aria-label="What to look at" className="mt-3 grid gap-2">
            {advice.map((p, i) => (
              <li key={i} className="border-l-[3px] border-ochre pl-2 text-soft">
                {p.message}
              </li>
            ))}
          </ul>
        )}
        {!props.readOnly && (
          <>
            {inForce && m.unlike.length > 0 && (
              <label className="mt-3 block">
                Why <span className="text-soft">for whoever looks later</span>
                <input className="field mt-1" value={note} onChange={(e) => setNote(e.target.value)} />
              </label>
            )}
            <button
              type="button"
              className="act act-first mt-3"
              disabled={
                blocking.length > 0 || put.isPending || (inForce !== undefined && m.unlike.length === 0)
              }
              onClick={() =>
                void props.beforePutting().then(() => put.mutate(note, { onSuccess: () => setNote('') }))
              }
            >
              {inForce ? `Put version ${inForce.number + 1} in force` : 'Open the exercise'}
            </button>
            <Mistake error={put.error} />
          </>
        )}
        {inForce && (
          <p className="mt-3">
            <Link to={`/exercises/${m.id}`} className="quiet">
              To the exercise and its submissions
            </Link>
          </p>
        )}
      </section>
      {inForce && !props.readOnly && <Again manuscript={m} />}
      <Versions manuscript={m} readOnly={props.readOnly} />
      <p className="mt-6">
        <a href={`/api/exercises/${m.id}/folder.zip`} className="quiet" download>
          Take it out as a zip
        </a>
      </p>
      {!props.readOnly && <Remove manuscript={m} />}
    </>
  );
}

/** Submissions that were checked with another version can all be checked with the one in force. */
function Again({ manuscript: m }: { manuscript: Manuscript }) {
  const all = useCheckAll(m.id);
  const sheet = useSheet(m.id);
  const rows = (sheet.data?.rows ?? []).filter((r) => r.handedIn);
  const running = rows.filter(
    (r) => r.handedIn!.state === 'QUEUED' || r.handedIn!.state === 'RUNNING',
  ).length;
  if (rows.length === 0) {
    return null;
  }
  return (
    <section aria-labelledby="again-heading" className="mt-6">
      <h2 id="again-heading" className="margin-heading">
        What was handed in
      </h2>
      <p role="status" className="mt-1.5 text-soft">
        {running > 0
          ? `${running} of ${rows.length} are being checked.`
          : `A submission keeps the version it was checked with until it is checked again.`}
      </p>
      <button
        type="button"
        className="act mt-2"
        disabled={all.isPending || running > 0}
        onClick={() => all.mutate()}
      >
        Check all with this version
      </button>
      {all.data && running === 0 && (
        <p className="mt-2 text-soft">
          {all.data.submissions === 0
            ? 'All were checked with it already.'
            : `${inWords(all.data.submissions)} ${all.data.submissions === 1 ? 'was' : 'were'} checked again.`}
        </p>
      )}
      <Mistake error={all.error} />
    </section>
  );
}

function Versions({ manuscript: m, readOnly }: { manuscript: Manuscript; readOnly: boolean }) {
  const restore = useRestore(m.id);
  if (m.versions.length === 0) {
    return null;
  }
  return (
    <section aria-labelledby="versions-heading" className="mt-6">
      <h2 id="versions-heading" className="margin-heading">
        Versions
      </h2>
      <ol className="mt-1">
        {m.versions.map((v) => (
          <li key={v.id} className="border-b border-dotted border-rule py-1.5">
            <span className={v.inForce ? 'font-semibold' : ''}>
              {v.number}
              {v.inForce && ', in force'}
            </span>{' '}
            <span className="text-soft">
              {v.madeBy && `${v.madeBy}, `}
              <Moment at={v.madeAt} />
            </span>
            {v.note && <span className="block text-soft italic">{v.note}</span>}
            {!readOnly && (!v.inForce || m.unlike.length > 0) && (
              <span className="block">
                <Confirmed
                  text="Go on from this one"
                  label={`Go on from version ${v.number}`}
                  now={`Replace what is written by version ${v.number}`}
                  onConfirm={() => restore.mutate(v.id)}
                />
              </span>
            )}
          </li>
        ))}
      </ol>
      <Mistake error={restore.error} />
    </section>
  );
}

function Remove({ manuscript: m }: { manuscript: Manuscript }) {
  const remove = useDeleteExercise(m.id);
  const navigate = useNavigate();
  return (
    <div className="mt-3">
      <Confirmed
        text="Take the exercise away"
        now="Take the exercise away now"
        about="Everything that is written here goes."
        onConfirm={() =>
          remove.mutate(undefined, { onSuccess: () => void navigate(`/courses/${m.course.id}`) })
        }
      />
      <Mistake error={remove.error} />
    </div>
  );
}
