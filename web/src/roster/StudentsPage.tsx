import { useState } from 'react';
import { useParams } from 'react-router';
import type { Api } from '../api/client';
import { useCourse } from '../api/courses';
import { useLeave, useLinks, useStudents, type StudentLine } from '../api/roster';
import { inWords } from '../page/count';
import { Confirmed } from '../page/Confirmed';
import { Mistake, Notice, Waiting } from '../page/Notice';
import { Page } from '../page/Page';
import { Import } from './Import';
import { Links } from './Links';
import { OneStudent } from './OneStudent';
import { OnRequest } from './OnRequest';

const access: Record<StudentLine['access'], { text: string; ink: string }> = {
  NONE: { text: 'no sign-in yet', ink: 'text-soft' },
  INVITED: { text: 'has a link, no password yet', ink: 'text-slate' },
  ACTIVE: { text: 'can sign in', ink: 'text-ink' },
  DISABLED: { text: 'taken away', ink: 'text-soft italic' },
};

/** Who studies in a course: the roster, in and out, and how they sign in. */
export function StudentsPage() {
  const id = Number(useParams().course);
  const course = useCourse(id);
  const students = useStudents(id);
  const [importing, setImporting] = useState(false);
  const [links, setLinks] = useState<Api<'StudentLink'>[]>();
  const makeLinks = useLinks(id);
  const leads = course.data?.rights.includes('LEAD_COURSE') ?? false;
  const all = students.data ?? [];
  const here = all.filter((s) => !s.student.left);
  const without = here.filter((s) => s.access === 'NONE' || s.access === 'INVITED').length;
  return (
    <Page
      title="Students"
      crumbs={[{ text: course.data?.title ?? 'Course', to: `/courses/${id}` }, { text: 'Students' }]}
      right={
        leads && (
          <OneStudent course={id} groups={[...new Set(here.map((s) => s.student.group).filter(Boolean))]} />
        )
      }
    >
      <h1 className="text-[27px]">Students</h1>
      {students.isPending && <Waiting what="Fetching the roster" />}
      {students.isError && (
        <Notice
          title="The roster could not be fetched"
          text={students.error.message}
          again={() => void students.refetch()}
        />
      )}
      {students.data && (
        <p className="reading mt-1 max-w-[62ch] text-soft italic">
          {here.length === 0
            ? 'Nobody is in the course yet. Take them in from the list that your school has, whatever its columns are called.'
            : `${inWords(here.length)} in the course${without > 0 ? `, of whom ${without === here.length ? 'nobody' : here.length - without} can sign in` : ', and all can sign in'}.`}
        </p>
      )}
      {leads && !importing && (
        <div className="mt-4 flex flex-wrap items-center gap-5">
          <button
            type="button"
            className={`act ${here.length === 0 ? 'act-first' : ''}`}
            onClick={() => setImporting(true)}
          >
            Take in a roster
          </button>
          {without > 0 && (
            <button
              type="button"
              className="act"
              disabled={makeLinks.isPending}
              onClick={() => makeLinks.mutate(undefined, { onSuccess: setLinks })}
            >
              {makeLinks.isPending ? 'Making links …' : `Make links for the ${without} who cannot sign in`}
            </button>
          )}
          {here.length > 0 && (
            <a href={`/api/courses/${id}/students.csv`} className="quiet" download>
              Take the roster out as CSV
            </a>
          )}
        </div>
      )}
      <Mistake error={makeLinks.error} />
      {links && <Links links={links} onDone={() => setLinks(undefined)} />}
      {importing && <Import course={id} onDone={() => setImporting(false)} />}
      <List course={id} leads={leads} students={all} onLinks={setLinks} />
    </Page>
  );
}

function List(props: {
  course: number;
  leads: boolean;
  students: StudentLine[];
  onLinks: (links: Api<'StudentLink'>[]) => void;
}) {
  const [search, setSearch] = useState('');
  const [group, setGroup] = useState('');
  const groups = [...new Set(props.students.map((s) => s.student.group))].sort();
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  const found = props.students.filter((s) => {
    const text = `${s.student.number} ${s.student.name} ${s.student.email}`.toLowerCase();
    return (group === '' || s.student.group === group) && words.every((w) => text.includes(w));
  });
  if (props.students.length === 0) {
    return null;
  }
  return (
    <section aria-label="Roster" className="mt-7">
      <div className="flex flex-wrap items-end gap-4 border-b border-ink pb-2">
        <label className="flex-1">
          <span className="sr-only">Find a student</span>
          <input
            type="search"
            className="field"
            placeholder="Find by name, number or e-mail"
            value={search}
            onChange={(e) => setSearch(e.target.value)}
          />
        </label>
        {groups.length > 1 && (
          <label>
            <span className="sr-only">Group</span>
            <select className="field w-auto" value={group} onChange={(e) => setGroup(e.target.value)}>
              <option value="">All groups</option>
              {groups.map((g) => (
                <option key={g} value={g}>
                  {g === '' ? 'No group' : `Group ${g}`}
                </option>
              ))}
            </select>
          </label>
        )}
        <span className="pb-1 text-soft">
          {found.length === props.students.length
            ? found.length
            : `${found.length} of ${props.students.length}`}
        </span>
      </div>
      {found.length === 0 && <p className="reading mt-3 text-soft">Nobody is called that here.</p>}
      <ul>
        {found.map((s) => (
          <Row
            key={s.student.id}
            course={props.course}
            leads={props.leads}
            line={s}
            onLinks={props.onLinks}
          />
        ))}
      </ul>
    </section>
  );
}

function Row(props: {
  course: number;
  leads: boolean;
  line: StudentLine;
  onLinks: (links: Api<'StudentLink'>[]) => void;
}) {
  const { student: s } = props.line;
  const [changing, setChanging] = useState(false);
  const leave = useLeave(props.course);
  const link = useLinks(props.course);
  if (changing) {
    return (
      <li className="border-b border-rule bg-paper px-3 py-3">
        <>
          <OneStudent course={props.course} groups={[]} student={s} onDone={() => setChanging(false)} />
          <OnRequest course={props.course} student={s} />
        </>
      </li>
    );
  }
  const state = access[props.line.access];
  return (
    <li className="border-b border-dotted border-rule py-2 [content-visibility:auto]">
      <div className="grid grid-cols-[minmax(0,1.4fr)_minmax(0,0.8fr)_72px_minmax(0,1.1fr)_auto] items-baseline gap-x-4">
        <span className={`truncate font-semibold ${s.left ? 'text-soft line-through' : ''}`} title={s.name}>
          {s.name}
          {s.email && <span className="block truncate text-[13px] font-normal text-soft">{s.email}</span>}
        </span>
        <span className="truncate text-soft" title={s.number}>
          {s.number}
        </span>
        <span className="truncate">{s.group ? `Group ${s.group}` : ''}</span>
        <span className={`truncate text-[14px] ${s.left ? 'text-soft' : state.ink}`}>
          {s.left ? 'has left the course' : state.text}
        </span>
        {props.leads && (
          <span className="flex gap-4 text-[14px]">
            {!s.left && (
              <>
                <button type="button" className="quiet" onClick={() => setChanging(true)}>
                  Change
                  <span className="sr-only"> {s.name}</span>
                </button>
                <button
                  type="button"
                  className="quiet"
                  onClick={() => link.mutate([s.id], { onSuccess: props.onLinks })}
                >
                  {props.line.access === 'ACTIVE' ? 'New password' : 'Make a link'}
                  <span className="sr-only"> for {s.name}</span>
                </button>
              </>
            )}
            {s.left ? (
              <button type="button" className="quiet" onClick={() => leave.mutate({ id: s.id, left: false })}>
                Take in again
                <span className="sr-only"> {s.name}</span>
              </button>
            ) : (
              <Confirmed
                text="Leaves"
                label={`${s.name} leaves the course`}
                now="Leaves"
                about={<span className="text-soft">What was handed in stays.</span>}
                onConfirm={() => leave.mutate({ id: s.id, left: true })}
              />
            )}
          </span>
        )}
      </div>
      <Mistake error={leave.error ?? link.error} />
    </li>
  );
}
