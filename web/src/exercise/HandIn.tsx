import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState, type FormEvent } from 'react';
import { Link } from 'react-router';
import { handIn, type Api, type Chosen } from '../api/client';
import { sheetKey } from '../api/exercises';
import { FileDrop } from '../hand-in/FileDrop';
import { inList } from '../hand-in/endings';
import { Mistake } from '../page/Notice';

/** Hands in for a student: one zip, or loose sources. */
export function HandIn({
  exercise,
  students,
  endings,
}: {
  exercise: number;
  students: Api<'Student'>[];
  endings: string[];
}) {
  const [student, setStudent] = useState('');
  const [files, setFiles] = useState<Chosen[]>([]);
  const queries = useQueryClient();
  const send = useMutation({
    mutationFn: () => {
      if (!student) {
        throw new Error('Choose the student whose work this is.');
      }
      if (files.length === 0) {
        throw new Error(`Choose one .zip or the ${inList(endings)} files.`);
      }
      return handIn(exercise, Number(student), files);
    },
    onSuccess: () => {
      setFiles([]);
      setStudent('');
      void queries.invalidateQueries({ queryKey: sheetKey(exercise) });
    },
  });

  function submit(event: FormEvent) {
    event.preventDefault();
    send.mutate();
  }

  const groups = [...new Set(students.map((s) => s.group))].sort();
  return (
    <form onSubmit={submit} aria-labelledby="hand-in">
      <h2 id="hand-in" className="border-t-2 border-ink pt-3 text-[19px]">
        Hand in for a student
      </h2>
      <label className="mt-3 block font-semibold" htmlFor="student">
        Student
      </label>
      <select
        id="student"
        className="field mt-1"
        value={student}
        onChange={(e) => {
          setStudent(e.target.value);
          send.reset();
        }}
      >
        <option value="">Choose …</option>
        {groups.map((g) => (
          <optgroup key={g} label={g === '' ? 'No group' : `Group ${g}`}>
            {students
              .filter((s) => s.group === g && !s.left)
              .map((s) => (
                <option key={s.id} value={s.id}>
                  {s.name} · {s.number}
                </option>
              ))}
          </optgroup>
        ))}
      </select>
      <p className="mt-3 mb-1 font-semibold">Sources</p>
      <FileDrop
        label="Sources"
        what={`One .zip or .tar.gz, the ${inList(endings)} files, or their folder. They can be dropped here.`}
        accept={['.zip', '.tar', '.gz', '.tgz', ...endings].join(',')}
        busy={send.isPending}
        onChosen={(chosen) => {
          setFiles(chosen);
          send.reset();
        }}
      />
      {files.length > 0 && (
        <p role="status" className="mt-2 truncate text-[14px]" title={files.map((f) => f.path).join(', ')}>
          {files.length === 1 ? files[0]!.path : `${files.length} files chosen`}
        </p>
      )}
      <Mistake error={send.error} />
      {send.data && (
        <p role="status" className="mt-2 border-l-[3px] border-verdigris pl-2">
          Taken as attempt {send.data.attempt}; its check has begun.{' '}
          <Link to={`/submissions/${send.data.id}`} className="quiet">
            Open it
          </Link>
        </p>
      )}
      <button type="submit" className="act act-first mt-3" disabled={send.isPending}>
        {send.isPending ? 'Sending …' : 'Hand in'}
      </button>
      <Link to={`/exercises/${exercise}/pile`} className="quiet mt-4 block">
        Hand in for many at once
      </Link>
    </form>
  );
}
