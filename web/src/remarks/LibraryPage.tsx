import { useState, type FormEvent } from 'react';
import { useParams } from 'react-router';
import type { Api } from '../api/client';
import { useCourse } from '../api/courses';
import { useChangeKept, useKeep, useLibrary, useTakeOut } from '../api/remarks';
import { Confirmed } from '../page/Confirmed';
import { counted, points } from '../page/count';
import { Moment } from '../page/Moment';
import { Mistake, Notice, Waiting } from '../page/Notice';
import { Page } from '../page/Page';

type Kept = Api<'KeptRemark'>;

/** What the staff of a course say again and again: found, changed, taken out. */
export function LibraryPage() {
  const id = Number(useParams().course);
  const course = useCourse(id);
  const library = useLibrary(id);
  const [sought, setSought] = useState('');
  const [adding, setAdding] = useState(false);
  const all = library.data ?? [];
  const found = all.filter((k) => k.text.toLowerCase().includes(sought.trim().toLowerCase()));
  const title = course.data?.title;
  const marks = course.data?.rights.includes('MARK') ?? false;
  return (
    <Page
      title="Remarks"
      crumbs={[...(title ? [{ text: title, to: `/courses/${id}` }] : []), { text: 'Remarks' }]}
    >
      <div className="max-w-[860px]">
        <h1 className="text-[27px]">Remarks of the course</h1>
        <p className="reading mt-1 text-soft italic">
          What is said again and again, written once for everybody. Names of roles and members in braces, such
          as
          {' {Context}'}, become the student’s own. What was said already stays as it was said.
        </p>
        {library.isError && (
          <Notice
            title="The remarks could not be fetched"
            text={library.error.message}
            again={() => void library.refetch()}
          />
        )}
        {library.isPending && <Waiting what="Fetching the remarks" />}
        {library.data && (
          <>
            <div className="mt-5 flex flex-wrap gap-3">
              {all.length > 0 && (
                <input
                  type="search"
                  aria-label="Search the remarks"
                  placeholder={`Search ${counted(all.length, 'remark')}`}
                  className="field max-w-[360px]"
                  value={sought}
                  onChange={(e) => setSought(e.target.value)}
                />
              )}
              {marks && !adding && (
                <button type="button" className="act" onClick={() => setAdding(true)}>
                  Write one
                </button>
              )}
            </div>
            {adding && <Written course={id} onDone={() => setAdding(false)} />}
            {all.length === 0 && !adding && (
              <p className="reading mt-4 max-w-[60ch] text-soft">
                Nothing yet. Whoever says something of a submission can keep it here for the whole course,
                with the student’s names taken out.
              </p>
            )}
            {all.length > 0 && found.length === 0 && (
              <p className="mt-4 text-soft">No remark has these words.</p>
            )}
            <ul className="mt-3">
              {found.map((k) => (
                <One key={k.id} course={id} kept={k} marks={marks} />
              ))}
            </ul>
          </>
        )}
      </div>
    </Page>
  );
}

function One({ course, kept, marks }: { course: number; kept: Kept; marks: boolean }) {
  const takeOut = useTakeOut(course);
  const [changing, setChanging] = useState(false);
  if (changing) {
    return (
      <li className="border-b border-rule py-3">
        <Written course={course} kept={kept} onDone={() => setChanging(false)} />
      </li>
    );
  }
  return (
    <li className="grid gap-x-6 border-b border-rule py-3 sm:grid-cols-[minmax(0,1fr)_150px]">
      <div className="min-w-0">
        <p className="reading break-words">{kept.text}</p>
        <p className="text-[13px] text-soft">
          {kept.about && `About ${kept.about.replace(/^\w+:/, '')}. `}
          {kept.by}, <Moment at={kept.changedAt} />
        </p>
        <Mistake error={takeOut.error} />
      </div>
      <div className="text-[14px] text-soft">
        <p>
          {kept.used === 0 ? 'not used yet' : kept.used === 1 ? 'used once' : `used ${kept.used} times`}
          {kept.points !== undefined && `, ${points(kept.points)} points`}
        </p>
        {marks && (
          <p className="flex gap-3">
            <button type="button" className="quiet" onClick={() => setChanging(true)}>
              change
            </button>
            <Confirmed
              text="take out"
              label={`Take out: ${kept.text.slice(0, 40)}`}
              now="Take it out"
              about="For everybody."
              busy={takeOut.isPending}
              onConfirm={() => takeOut.mutate(kept.id)}
            />
          </p>
        )}
      </div>
    </li>
  );
}

function Written({ course, kept, onDone }: { course: number; kept?: Kept; onDone: () => void }) {
  const keep = useKeep(course);
  const change = useChangeKept(course);
  const [text, setText] = useState(kept?.text ?? '');
  const [given, setGiven] = useState(kept?.points === undefined ? '' : String(kept.points));

  function submit(event: FormEvent) {
    event.preventDefault();
    const body = { about: kept?.about, text, points: given.trim() === '' ? undefined : Number(given) };
    if (kept) {
      change.mutate({ id: kept.id, ...body }, { onSuccess: onDone });
    } else {
      keep.mutate(body, { onSuccess: onDone });
    }
  }

  return (
    <form onSubmit={submit} className="mt-3 max-w-[700px]" noValidate>
      <label className="block font-semibold">
        Remark, in Markdown
        <textarea
          rows={3}
          maxLength={4_000}
          className="field mt-1 font-read text-[15px] font-normal"
          value={text}
          onChange={(e) => setText(e.target.value)}
        />
      </label>
      {kept?.about && (
        <label className="mt-2 block font-semibold">
          Points that go with it, if any
          <input
            type="number"
            min={0}
            step={0.25}
            className="field mt-1 block w-[90px] font-normal"
            value={given}
            onChange={(e) => setGiven(e.target.value)}
          />
        </label>
      )}
      <Mistake error={keep.error ?? change.error} />
      <div className="mt-2 flex items-center gap-3">
        <button
          type="submit"
          className="act act-first"
          disabled={!text.trim() || keep.isPending || change.isPending}
        >
          Keep it
        </button>
        <button type="button" className="quiet" onClick={onDone}>
          Leave it
        </button>
      </div>
    </form>
  );
}
