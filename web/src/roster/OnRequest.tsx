import { useState } from 'react';
import type { Api } from '../api/client';
import { useRemoval } from '../api/roster';
import { Mistake } from '../page/Notice';

/** What a student may ask for: all that is kept of them, or that it is removed. */
export function OnRequest({ course, student: s }: { course: number; student: Api<'Student'> }) {
  const [asked, setAsked] = useState(false);
  const [number, setNumber] = useState('');
  const removal = useRemoval(course);
  const id = `removal-${s.id}`;
  return (
    <section aria-label={`On request of ${s.name}`} className="mt-4 border-t border-dotted border-rule pt-3">
      <p className="flex flex-wrap gap-x-5 text-[14px]">
        <a className="quiet" href={`/api/courses/${course}/students/${s.id}/data.zip`} download>
          All that is kept of {s.name}, as a zip
        </a>
        {!asked && (
          <button type="button" className="quiet" onClick={() => setAsked(true)}>
            Remove what is kept, at their request
          </button>
        )}
      </p>
      {asked && (
        <form
          className="mt-3 border-l-[3px] border-madder pl-3"
          onSubmit={(e) => {
            e.preventDefault();
            removal.mutate({ student: s.id, number });
          }}
        >
          <p className="reading max-w-[60ch]">
            Name, number and account, what was handed in, and every text about it are removed for good. Points
            and how each claim stood stay, of somebody nobody can name, so that the course’s figures do. It
            cannot be brought back but from a copy of the records.
          </p>
          <label className="mt-2 block font-semibold" htmlFor={id}>
            Write the number {s.number} to confirm
          </label>
          <input
            id={id}
            className="field mt-1 max-w-[220px]"
            autoComplete="off"
            value={number}
            onChange={(e) => setNumber(e.target.value)}
          />
          <div className="mt-2 flex gap-4">
            <button type="submit" className="act" disabled={number.trim() !== s.number || removal.isPending}>
              Remove it for good
            </button>
            <button type="button" className="quiet" onClick={() => setAsked(false)}>
              Keep it
            </button>
          </div>
          <Mistake error={removal.error} />
        </form>
      )}
    </section>
  );
}
