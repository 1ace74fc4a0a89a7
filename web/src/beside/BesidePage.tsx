import { useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import type { Api } from '../api/client';
import { useModels, useOpenedModels, useSubmissions } from '../api/cohort';
import { useExercise, useSheet } from '../api/exercises';
import { pieceOf, useSource } from '../api/sources';
import { inWords, points } from '../page/count';
import { Notice, Waiting } from '../page/Notice';
import { Page } from '../page/Page';
import { Words } from '../page/Words';
import { RoleSeals, Seal } from '../seal/Seal';
import { spoken } from '../seal/roles';
import { unindented, Highlighted } from '../submission/Excerpt';
import { highlighted } from '../submission/highlight';
import { SmallStroke } from '../verdict/Stroke';
import { words } from '../verdict/verdict';
import { formDifferences, turns, type Piece } from './compare';

const MOST = 4;
/** Lines of a type that are shown at first. */
const SHORT = 40;

/** Up to four submissions and models side by side, the same role beside the same role. */
export function BesidePage() {
  const id = Number(useParams().exercise);
  const [query, setQuery] = useSearchParams();
  const exercise = useExercise(id);
  const ids = (query.get('of') ?? '').split(',').filter(Boolean).map(Number).slice(0, MOST);
  const models = (query.get('models') ?? '')
    .split(',')
    .filter(Boolean)
    .slice(0, MOST - ids.length);
  const submissions = useSubmissions(ids);
  const opened = useOpenedModels(id, models);
  const e = exercise.data;
  const put = (next: { ids?: number[]; models?: string[] }) =>
    setQuery(
      { of: (next.ids ?? ids).join(','), models: (next.models ?? models).join(',') },
      { replace: true },
    );
  const pieces: Piece[] = [
    ...submissions.flatMap((s): Piece[] =>
      s.data?.report
        ? [
            {
              key: `${s.data.id}`,
              title: s.data.student.name,
              note: `attempt ${s.data.attempt}, ${points(s.data.review.points)} of ${points(s.data.review.possible)} points`,
              submission: s.data.id,
              report: s.data.report,
              sources: s.data.sources,
            },
          ]
        : [],
    ),
    ...opened.flatMap((m): Piece[] =>
      m.data
        ? [
            {
              key: m.data.id,
              title: m.data.title,
              note: 'of the exercise',
              report: m.data.report,
              sources: m.data.sources.map((f) => ({
                path: f.path,
                lines: f.text.split('\n').length,
                text: f.text,
              })),
            },
          ]
        : [],
    ),
  ];
  const error = exercise.error ?? [...submissions, ...opened].find((q) => q.error)?.error;
  const waiting = [...submissions, ...opened].some((q) => q.isPending);
  const roles = e?.patterns.flatMap((p) => p.roles.map((r) => r.name)) ?? [];
  const crumbs = e
    ? [
        { text: e.course.title, to: `/courses/${e.course.id}` },
        { text: `${e.number} · ${e.title}`, to: `/exercises/${id}` },
        { text: 'Side by side' },
      ]
    : [{ text: 'Side by side' }];
  return (
    <RoleSeals roles={roles}>
      <Page title="Side by side" crumbs={crumbs}>
        <h1 className="text-[27px]">Side by side</h1>
        {error && <Notice title="Not all of it could be opened" text={error.message} />}
        {e && (
          <Choose
            exercise={e}
            ids={ids}
            models={models}
            submissions={submissions.flatMap((s) => (s.data ? [s.data] : []))}
            onIds={(next) => put({ ids: next })}
            onModels={(next) => put({ models: next })}
          />
        )}
        {waiting && <Waiting what="Opening them" />}
        {!waiting && pieces.length === 0 && (
          <p className="reading mt-3 text-soft">
            Choose two to four above to see the same role in each of them.
          </p>
        )}
        {pieces.length > 0 && <Aligned pieces={pieces} roles={roles} />}
      </Page>
    </RoleSeals>
  );
}

/** Which are laid side by side, and the way to others. */
function Choose(props: {
  exercise: Api<'ExerciseView'>;
  ids: number[];
  models: string[];
  submissions: Api<'SubmissionView'>[];
  onIds: (ids: number[]) => void;
  onModels: (models: string[]) => void;
}) {
  const { exercise: e, ids, models } = props;
  const sheet = useSheet(e.id);
  const known = useModels(e.id);
  const full = ids.length + models.length >= MOST;
  const others = (sheet.data?.rows ?? []).filter((r) => r.handedIn && !ids.includes(r.handedIn.submissionId));
  const attempts = props.submissions.flatMap((s) =>
    s.attempts.filter((a) => !ids.includes(a.id)).map((a) => ({ ...a, student: s.student.name })),
  );
  return (
    <div className="mt-2 flex flex-wrap items-end gap-3 text-[14px]">
      <label>
        <span className="block text-soft">Another student’s</span>
        <select
          className="field w-[220px]"
          value=""
          disabled={full}
          onChange={(event) => props.onIds([...ids, Number(event.target.value)])}
        >
          <option value="">{full ? 'four are the most' : 'choose'}</option>
          {others.map((r) => (
            <option key={r.student.id} value={r.handedIn!.submissionId}>
              {r.student.name}
            </option>
          ))}
        </select>
      </label>
      {attempts.length > 0 && (
        <label>
          <span className="block text-soft">Another attempt</span>
          <select
            className="field w-[200px]"
            value=""
            disabled={full}
            onChange={(event) => props.onIds([...ids, Number(event.target.value)])}
          >
            <option value="">choose</option>
            {attempts.map((a) => (
              <option key={a.id} value={a.id}>
                {a.student}, attempt {a.attempt}
              </option>
            ))}
          </select>
        </label>
      )}
      {(known.data ?? []).length > 0 && (
        <label>
          <span className="block text-soft">Of the exercise</span>
          <select
            className="field w-[200px]"
            value=""
            disabled={full}
            onChange={(event) => props.onModels([...models, event.target.value])}
          >
            <option value="">choose</option>
            {known
              .data!.filter((m) => !models.includes(m.id))
              .map((m) => (
                <option key={m.id} value={m.id}>
                  {m.title}
                </option>
              ))}
          </select>
        </label>
      )}
      {ids.length + models.length > 0 && (
        <ul aria-label="Chosen" className="flex flex-wrap gap-x-4">
          {ids.map((id) => (
            <li key={id}>
              <button
                type="button"
                className="quiet"
                onClick={() => props.onIds(ids.filter((x) => x !== id))}
              >
                take {props.submissions.find((s) => s.id === id)?.student.name ?? 'it'} away
              </button>
            </li>
          ))}
          {models.map((m) => (
            <li key={m}>
              <button
                type="button"
                className="quiet"
                onClick={() => props.onModels(models.filter((x) => x !== m))}
              >
                take {known.data?.find((k) => k.id === m)?.title ?? 'it'} away
              </button>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

function Aligned({ pieces, roles }: { pieces: Piece[]; roles: string[] }) {
  const columns = { gridTemplateColumns: `repeat(${pieces.length}, minmax(260px, 1fr))` };
  const differing = turns(pieces);
  const forms = formDifferences(pieces);
  return (
    <>
      {pieces.length > 1 && (
        <section aria-labelledby="differ-heading" className="mt-6">
          <h2 id="differ-heading" className="border-b border-rule pb-1 text-[21px]">
            In what they differ
          </h2>
          {forms.length + differing.length === 0 && (
            <p className="reading mt-2 text-soft">
              In nothing that is asked: the same form, and every claim stands alike.
            </p>
          )}
          {forms.length > 0 && (
            <ul className="mt-2">
              {forms.map((f) => (
                <li key={f} className="reading">
                  {f}.
                </li>
              ))}
            </ul>
          )}
          {differing.length > 0 && (
            <table className="mt-3 w-full border-collapse text-[14px]">
              <thead>
                <tr className="border-b border-ink text-left">
                  <th className="py-1 pr-4 font-semibold">
                    {inWords(differing.length)} that do not stand alike
                  </th>
                  {pieces.map((p) => (
                    <th key={p.key} className="w-[150px] py-1 pr-3 font-semibold break-words">
                      {p.title}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {differing.map((t) => (
                  <tr key={t.item} className="border-b border-dotted border-rule align-baseline">
                    <td className="py-1.5 pr-4 font-read text-[15.5px]">
                      <Words sentence={t.text} />
                    </td>
                    {t.verdicts.map((v, i) => (
                      <td key={i} className="py-1.5 pr-3">
                        <span className="inline-flex items-center gap-2">
                          <SmallStroke verdict={v} label={pieces[i]!.title} />
                          {words[v]}
                        </span>
                      </td>
                    ))}
                  </tr>
                ))}
              </tbody>
            </table>
          )}
        </section>
      )}
      <div
        className="mt-7 overflow-x-auto"
        // what is wider than the page is scrolled
        // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex
        tabIndex={0}
        role="group"
        aria-label="Role by role"
      >
        <div className="grid gap-x-4" style={columns}>
          {pieces.map((p) => (
            <div key={p.key} className="border-b-2 border-ink pb-1.5">
              <p className="font-semibold break-words">
                {p.submission ? (
                  <Link to={`/submissions/${p.submission}`} className="hover:underline">
                    {p.title}
                  </Link>
                ) : (
                  p.title
                )}
              </p>
              <p className="text-[13px] text-soft">{p.note}</p>
            </div>
          ))}
        </div>
        {roles.map((role) => (
          <section key={role} aria-label={spoken(role)} className="mt-4">
            <h3 className="flex items-center gap-2 text-[17px]">
              <Seal role={role} /> {spoken(role)}
            </h3>
            <div className="mt-1.5 grid items-start gap-x-4" style={columns}>
              {pieces.map((p) => (
                <div key={p.key} className="grid min-w-0 grid-cols-[minmax(0,1fr)] gap-2">
                  {(p.report.places[role] ?? []).map((place) => (
                    <TypeCode key={`${place.file}:${place.line}`} piece={p} place={place} />
                  ))}
                  {(p.report.places[role] ?? []).length === 0 && (
                    <p className="font-read text-[15px] text-soft italic">
                      {(p.report.roles[role] ?? []).length > 0
                        ? `${p.report.roles[role]!.join(', ')}, not written down here`
                        : 'nobody'}
                    </p>
                  )}
                </div>
              ))}
            </div>
          </section>
        ))}
      </div>
    </>
  );
}

/** The declaration of a type that plays a role. */
function TypeCode({ piece, place }: { piece: Piece; place: Api<'Evidence'> }) {
  const own = piece.sources.find((s) => s.path === place.file);
  const from = piece.submission === undefined ? 1 : pieceOf(place.line);
  const source = useSource(piece.submission ?? 0, place.file, from, piece.submission !== undefined);
  const [all, setAll] = useState(false);
  const text = own?.text ?? source.data?.text;
  const count = place.endLine - place.line + 1;
  const shown = all ? count : Math.min(SHORT, count);
  const lines =
    text === undefined ? [] : text.split('\n').slice(place.line - from, place.line - from + shown);
  const html =
    text === undefined
      ? []
      : highlighted(text, place.file).slice(place.line - from, place.line - from + shown);
  const indent = Math.min(...lines.filter((l) => l.trim()).map((l) => l.length - l.trimStart().length));
  return (
    <figure className="overflow-hidden rounded-[3px] border border-rule bg-paper">
      <figcaption className="flex gap-3 px-2 pt-1 text-[12px] text-soft">
        <code className="min-w-0 flex-1 truncate">{place.note}</code>
        <span>
          {place.file.split('/').at(-1)}:{place.line}
        </span>
      </figcaption>
      <pre
        tabIndex={0}
        aria-label={`${place.note} of ${piece.title}`}
        className="overflow-x-auto pb-1 font-code text-[12px] leading-[19px]"
      >
        {source.isError && <span className="px-2 text-madder">{source.error.message}</span>}
        <code className="block w-max min-w-full px-2">
          {html.map((line, i) => (
            <span key={i} className="block">
              <Highlighted html={unindented(line, Number.isFinite(indent) ? indent : 0)} />
            </span>
          ))}
        </code>
      </pre>
      {count > shown && (
        <button type="button" className="quiet px-2 pb-1 text-[13px]" onClick={() => setAll(true)}>
          all {count} lines
        </button>
      )}
    </figure>
  );
}
