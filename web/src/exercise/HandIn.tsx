import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useRef, useState, type DragEvent, type FormEvent } from 'react';
import { Link } from 'react-router';
import { handIn, type Api } from '../api/client';
import { sheetKey } from '../api/exercises';
import { Mistake } from '../page/Notice';

/** Hands in for a student: one zip, or loose sources. */
export function HandIn({ exercise, students }: { exercise: number; students: Api<'Student'>[] }) {
  const [student, setStudent] = useState('');
  const [files, setFiles] = useState<File[]>([]);
  const [over, setOver] = useState(false);
  const input = useRef<HTMLInputElement>(null);
  const queries = useQueryClient();
  const send = useMutation({
    mutationFn: () => {
      if (!student) {
        throw new Error('Choose the student whose work this is.');
      }
      if (files.length === 0) {
        throw new Error('Choose one .zip or the .java files.');
      }
      return handIn(exercise, Number(student), files);
    },
    onSuccess: () => {
      setFiles([]);
      setStudent('');
      if (input.current) {
        input.current.value = '';
      }
      void queries.invalidateQueries({ queryKey: sheetKey(exercise) });
    },
  });

  function choose(list: FileList | null) {
    setFiles(list ? [...list] : []);
    send.reset();
  }

  function drop(event: DragEvent) {
    event.preventDefault();
    setOver(false);
    choose(event.dataTransfer.files);
  }

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
          <optgroup key={g} label={`Group ${g}`}>
            {students
              .filter((s) => s.group === g)
              .map((s) => (
                <option key={s.id} value={s.id}>
                  {s.name} · {s.number}
                </option>
              ))}
          </optgroup>
        ))}
      </select>
      <label className="mt-3 block font-semibold" htmlFor="files">
        Sources
      </label>
      <div
        onDragOver={(e) => {
          e.preventDefault();
          setOver(true);
        }}
        onDragLeave={() => setOver(false)}
        onDrop={drop}
        className={`mt-1 rounded-[3px] border border-dashed p-3 ${over ? 'border-ink bg-tint' : 'border-soft'}`}
      >
        <input
          id="files"
          ref={input}
          type="file"
          multiple
          accept=".zip,.java"
          className="chooser w-full"
          onChange={(e) => choose(e.target.files)}
        />
        <p className="mt-2 text-[13px] text-soft">One .zip, or the .java files. They can be dropped here.</p>
      </div>
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
    </form>
  );
}
