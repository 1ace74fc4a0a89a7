import { useInfiniteQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import type { Api } from '../api/client';
import { useCourse } from '../api/courses';
import { useExercises } from '../api/exercises';
import { historyKey, historyPage, type Wanted } from '../api/ledger';
import { Moment } from '../page/Moment';
import { Notice, Waiting } from '../page/Notice';
import { Page } from '../page/Page';
import { saidOf, what } from './said';

/** Everything that was decided in a course, the newest first. */
export function HistoryPage() {
  const id = Number(useParams().course);
  const course = useCourse(id);
  const exercises = (useExercises().data ?? []).filter((e) => e.course.id === id);
  const [wanted, setWanted] = useState<Wanted>({});
  const pages = useInfiniteQuery({
    queryKey: [...historyKey(id), wanted],
    initialPageParam: undefined as string | undefined,
    queryFn: ({ pageParam }) => historyPage(id, wanted, pageParam),
    getNextPageParam: (last) => (last.more ? last.lines.at(-1)?.at : undefined),
  });
  const lines = pages.data?.pages.flatMap((p) => p.lines) ?? [];
  const set = (part: Wanted) => setWanted({ ...wanted, ...part });
  const number = (text: string) => (text ? Number(text) : undefined);
  return (
    <Page
      title="Who changed what"
      crumbs={[
        { text: course.data?.title ?? 'Course', to: `/courses/${id}` },
        { text: 'Grades', to: `/courses/${id}/grades` },
        { text: 'Who changed what' },
      ]}
    >
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
        <div className="min-w-[240px] flex-1">
          <h1 className="text-[27px]">Who changed what</h1>
          <p className="reading text-soft italic">Every decision stays here; nothing is ever written over.</p>
        </div>
        <select
          aria-label="What"
          className="field w-auto max-w-full"
          value={wanted.what ?? ''}
          onChange={(e) => set({ what: e.target.value || undefined })}
        >
          <option value="">Everything</option>
          {Object.entries(what).map(([key, text]) => (
            <option key={key} value={key}>
              {text}
            </option>
          ))}
        </select>
        <select
          aria-label="Exercise"
          className="field w-auto max-w-[220px]"
          value={wanted.exercise ?? ''}
          onChange={(e) => set({ exercise: number(e.target.value) })}
        >
          <option value="">All exercises</option>
          {exercises.map((e) => (
            <option key={e.id} value={e.id}>
              {e.number} · {e.title}
            </option>
          ))}
        </select>
        <select
          aria-label="By whom"
          className="field w-auto max-w-full"
          value={wanted.who ?? ''}
          onChange={(e) => set({ who: number(e.target.value) })}
        >
          <option value="">By anybody</option>
          {course.data?.staff.map((s) => (
            <option key={s.account} value={s.account}>
              {s.name}
            </option>
          ))}
        </select>
      </div>
      {pages.isError && (
        <div className="mt-4">
          <Notice
            title="The history could not be fetched"
            text={pages.error.message}
            again={() => void pages.refetch()}
          />
        </div>
      )}
      {pages.isPending && <Waiting what="Turning the pages back" />}
      {pages.isSuccess && lines.length === 0 && (
        <p className="reading mt-5 text-soft">Nothing of that kind has been decided yet.</p>
      )}
      <ol className="mt-4">
        {lines.map((l, i) => (
          <Line key={`${l.at} ${i}`} line={l} />
        ))}
      </ol>
      {pages.hasNextPage && (
        <button
          type="button"
          className="act mt-4"
          disabled={pages.isFetchingNextPage}
          onClick={() => void pages.fetchNextPage()}
        >
          {pages.isFetchingNextPage ? 'Turning …' : 'Older ones'}
        </button>
      )}
    </Page>
  );
}

function Line({ line: l }: { line: Api<'HistoryLine'> }) {
  return (
    <li className="grid grid-cols-[minmax(0,1fr)] gap-x-5 border-b border-dotted border-rule py-2 text-[14.5px] min-[900px]:grid-cols-[130px_170px_minmax(0,1fr)]">
      <span className="text-soft">
        <Moment at={l.at} />
      </span>
      <span className="font-semibold">{l.by ?? 'nobody known'}</span>
      <span className="min-w-0 break-words">
        {l.name &&
          (l.submission === undefined ? (
            <b>{l.name}</b>
          ) : (
            <Link to={`/submissions/${l.submission}`} className="font-semibold hover:underline">
              {l.name}
            </Link>
          ))}
        {l.name && l.number !== undefined && ', '}
        {l.number !== undefined && `exercise ${l.number}`}
        {(l.name || l.number !== undefined) && ': '}
        {saidOf(l)}
        {l.reason && <span className="block font-read text-soft italic">{l.reason}</span>}
      </span>
    </li>
  );
}
