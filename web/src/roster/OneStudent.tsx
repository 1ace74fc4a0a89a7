import { useState, type FormEvent } from 'react';
import type { Api } from '../api/client';
import { usePutStudent } from '../api/roster';
import { Mistake } from '../page/Notice';

const nobody = { number: '', name: '', group: '', email: '' };

/** Adds a student by hand, or changes one. */
export function OneStudent(props: {
  course: number;
  groups: string[];
  student?: Api<'Student'>;
  onDone?: () => void;
}) {
  const put = usePutStudent(props.course);
  const [given, setGiven] = useState(props.student ?? nobody);
  const key = props.student ? `student-${props.student.id}` : 'student-new';

  function submit(event: FormEvent) {
    event.preventDefault();
    const { number, name, group, email } = given;
    put.mutate(
      { id: props.student?.id, student: { number, name, group, email } },
      {
        onSuccess: () => {
          setGiven(props.student ?? { ...nobody, group });
          props.onDone?.();
        },
      },
    );
  }

  const fields = [
    ['number', 'Number'],
    ['name', 'Name'],
    ['group', 'Group'],
    ['email', 'E-mail, if known'],
  ] as const;
  return (
    <form
      onSubmit={submit}
      aria-label={props.student ? `Change ${props.student.name}` : 'Add somebody'}
      noValidate
    >
      {!props.student && <h2 className="margin-heading">Add somebody by hand</h2>}
      <div className={props.student ? 'grid grid-cols-2 gap-x-4' : ''}>
        {fields.map(([field, label]) => (
          <div key={field}>
            <label className="mt-3 block font-semibold" htmlFor={`${key}-${field}`}>
              {label}
            </label>
            <input
              id={`${key}-${field}`}
              className="field mt-1"
              autoComplete="off"
              list={field === 'group' && props.groups.length > 0 ? `${key}-groups` : undefined}
              value={given[field]}
              onChange={(e) => setGiven({ ...given, [field]: e.target.value })}
            />
          </div>
        ))}
      </div>
      <datalist id={`${key}-groups`}>
        {props.groups.map((g) => (
          <option key={g} value={g} />
        ))}
      </datalist>
      <Mistake error={put.error} />
      {put.isSuccess && !props.student && (
        <p role="status" className="mt-2 border-l-[3px] border-verdigris pl-2">
          {put.data.student.name} is in the course.
        </p>
      )}
      <div className="mt-3 flex gap-4">
        <button type="submit" className="act" disabled={put.isPending}>
          {props.student ? 'Keep the change' : 'Add'}
        </button>
        {props.onDone && (
          <button type="button" className="quiet" onClick={props.onDone}>
            Leave it as it was
          </button>
        )}
      </div>
    </form>
  );
}
