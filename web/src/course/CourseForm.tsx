import { useState, type FormEvent } from 'react';
import { useNavigate } from 'react-router';
import { useMakeCourse, useRenameCourse } from '../api/courses';
import type { Api } from '../api/client';
import { Mistake } from '../page/Notice';
import { TimeZones } from './TimeZones';

/** Begins a course, or changes what one is called. */
export function CourseForm({ course, onCancel }: { course?: Api<'CourseView'>; onCancel?: () => void }) {
  const make = useMakeCourse();
  const rename = useRenameCourse(course?.id ?? 0);
  const navigate = useNavigate();
  const [title, setTitle] = useState(course?.title ?? '');
  const [term, setTerm] = useState(course?.term ?? '');
  const [zone, setZone] = useState(course?.zone ?? Intl.DateTimeFormat().resolvedOptions().timeZone);

  const [tutorsSeeAll, setTutorsSeeAll] = useState(course?.tutorsSeeAll ?? true);

  function submit(event: FormEvent) {
    event.preventDefault();
    const given = { title, term, zone, tutorsSeeAll };
    if (course) {
      rename.mutate(given, { onSuccess: onCancel });
    } else {
      // the form may be gone by the time the list of courses was fetched anew
      make.mutateAsync(given).then(
        (made) => navigate(`/courses/${made.id}`),
        () => undefined,
      );
    }
  }

  return (
    <form
      onSubmit={submit}
      noValidate
      className="max-w-[460px]"
      aria-label={course ? 'Course' : 'New course'}
    >
      <label className="block font-semibold" htmlFor="course-title">
        Title
      </label>
      <input
        id="course-title"
        className="field mt-1"
        value={title}
        onChange={(e) => setTitle(e.target.value)}
      />
      <div className="mt-3 grid grid-cols-2 gap-4">
        <div>
          <label className="block font-semibold" htmlFor="course-term">
            Term <span className="font-normal text-soft">as people say it</span>
          </label>
          <input
            id="course-term"
            className="field mt-1"
            value={term}
            onChange={(e) => setTerm(e.target.value)}
          />
        </div>
        <div>
          <label className="block font-semibold" htmlFor="course-zone">
            Its clocks
          </label>
          <TimeZones id="course-zone" value={zone} onChange={setZone} />
        </div>
      </div>
      {course && (
        <label className="mt-4 flex items-start gap-2">
          <input
            type="checkbox"
            className="mt-1.5 shrink-0"
            checked={tutorsSeeAll}
            onChange={(e) => setTutorsSeeAll(e.target.checked)}
          />
          <span>
            Tutors see all groups
            <span className="block text-[13px] text-soft">
              Their own come first. Without this they see just the groups that they look after.
            </span>
          </span>
        </label>
      )}
      <Mistake error={make.error ?? rename.error} />
      <div className="mt-4 flex gap-3">
        <button type="submit" className="act act-first" disabled={make.isPending || rename.isPending}>
          {course ? 'Keep it' : 'Begin the course'}
        </button>
        {onCancel && (
          <button type="button" className="act" onClick={onCancel}>
            Leave it
          </button>
        )}
      </div>
    </form>
  );
}
