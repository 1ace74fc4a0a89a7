import { useState, type FormEvent } from 'react';
import type { Api } from '../api/client';
import { useExtend, useExtensions, useWithdrawExtension } from '../api/extensions';
import { Confirmed } from '../page/Confirmed';
import { Moment } from '../page/Moment';
import { Mistake } from '../page/Notice';

/** Who may hand in later than the others, and why. */
export function OtherDeadlines(props: { exercise: number; students: Api<'Student'>[]; sets: boolean }) {
  const all = useExtensions(props.exercise);
  const extend = useExtend(props.exercise);
  const withdraw = useWithdrawExtension(props.exercise);
  const [student, setStudent] = useState('');
  const [until, setUntil] = useState('');
  const [reason, setReason] = useState('');
  const names = new Map(props.students.map((s) => [s.id, s.name]));
  if (!props.sets && (all.data ?? []).length === 0) {
    return null;
  }

  function submit(event: FormEvent) {
    event.preventDefault();
    extend.mutate(
      {
        student: Number(student),
        dueAt: until ? new Date(until).toISOString() : '',
        reason,
        seen: all.data?.find((x) => x.student === Number(student))?.dueAt,
      },
      {
        onSuccess: () => {
          setStudent('');
          setUntil('');
          setReason('');
        },
      },
    );
  }

  return (
    <section aria-labelledby="deadlines" className="mt-8">
      <h2 id="deadlines" className="margin-heading">
        Other deadlines
      </h2>
      <ul className="mt-1">
        {all.data?.map((x) => (
          <li key={x.student} className="border-b border-dotted border-rule py-2">
            <span className="block font-semibold break-words">{names.get(x.student)}</span>
            <span className="block text-soft">
              until <Moment at={x.dueAt} />
            </span>
            <span className="block text-[13px] break-words text-soft">
              {x.reason} ({x.givenBy})
            </span>
            {props.sets && (
              <Confirmed
                text="Take it back"
                label={`Take the deadline of ${names.get(x.student)} back`}
                now="Take it back"
                onConfirm={() => withdraw.mutate({ student: x.student, seen: x.dueAt })}
              />
            )}
          </li>
        ))}
      </ul>
      {props.sets && (
        <details className="mt-2">
          <summary className="quiet w-fit">Give somebody more time</summary>
          <form onSubmit={submit} className="mt-2" noValidate>
            <label className="block font-semibold" htmlFor="extend-student">
              Student
            </label>
            <select
              id="extend-student"
              className="field mt-1"
              value={student}
              onChange={(e) => setStudent(e.target.value)}
            >
              <option value="">Choose …</option>
              {props.students
                .filter((s) => !s.left)
                .map((s) => (
                  <option key={s.id} value={s.id}>
                    {s.name} · {s.number}
                  </option>
                ))}
            </select>
            <label className="mt-3 block font-semibold" htmlFor="extend-until">
              Until
            </label>
            <input
              id="extend-until"
              type="datetime-local"
              className="field mt-1"
              value={until}
              onChange={(e) => setUntil(e.target.value)}
            />
            <label className="mt-3 block font-semibold" htmlFor="extend-reason">
              Why
            </label>
            <input
              id="extend-reason"
              className="field mt-1"
              value={reason}
              onChange={(e) => setReason(e.target.value)}
            />
            <Mistake error={extend.error ?? withdraw.error} />
            <button type="submit" className="act mt-3" disabled={extend.isPending || !student || !until}>
              Give more time
            </button>
          </form>
        </details>
      )}
    </section>
  );
}
