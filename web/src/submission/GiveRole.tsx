import { useEffect, useState, type FormEvent } from 'react';
import type { Api } from '../api/client';
import { useBind, useOutlook } from '../api/marks';
import { points } from '../page/count';
import { Mistake } from '../page/Notice';
import { OverSheet } from '../page/Sheet';
import { Words } from '../page/Words';
import { Seal } from '../seal/Seal';
import { spoken } from '../seal/roles';
import { Stroke } from '../verdict/Stroke';
import { words } from '../verdict/verdict';

type Submission = Api<'SubmissionView'>;
type Report = Api<'CheckReport'>;

/** What is asked to be who: a role whose type is to be chosen, or a type whose role is. */
export type Asked = { role: string } | { type: string };

/** Says which types play a role, after it was seen what would follow. */
export function GiveRole(props: {
  submission: Submission;
  report: Report;
  asked: Asked;
  /** roles that several types may play */
  many: Set<string>;
  onClose: () => void;
}) {
  const { report, asked } = props;
  const [role, setRole] = useState('role' in asked ? asked.role : undefined);
  const type = 'type' in asked ? report.diagram?.classifiers.find((c) => c.id === asked.type) : undefined;
  return (
    <OverSheet
      title={role ? `Who is the ${spoken(role).toLowerCase()}?` : `What is ${type?.name ?? 'this'}?`}
      open
      onClose={props.onClose}
    >
      {role ? (
        <ChooseTypes
          key={role}
          {...props}
          role={role}
          first={type && !report.roles[role]?.includes(type.name) ? [type.id] : undefined}
        />
      ) : (
        <ul className="mt-3 grid gap-1.5">
          {Object.entries(report.roles).map(([r, types]) => (
            <li key={r}>
              <button
                type="button"
                className="flex w-full items-center gap-3 px-1 py-1 text-left hover:bg-tint"
                onClick={() => setRole(r)}
              >
                <Seal role={r} />
                <span className="font-semibold">{spoken(r)}</span>
                <span className="text-soft">
                  {types.length > 0 ? `now ${types.join(', ')}` : 'nobody now'}
                </span>
              </button>
            </li>
          ))}
        </ul>
      )}
    </OverSheet>
  );
}

function ChooseTypes(props: {
  submission: Submission;
  report: Report;
  role: string;
  first?: string[];
  many: Set<string>;
  onClose: () => void;
}) {
  const { submission: s, report, role } = props;
  const bind = useBind(s);
  const outlook = useOutlook(s.id);
  const near = report.near.filter((n) => n.role === role);
  const all = (report.diagram?.classifiers ?? []).filter((c) => !c.id.startsWith('role:'));
  const several = props.many.has(role);
  const now = all.filter((c) => c.roles.includes(role)).map((c) => c.id);
  const [chosen, setChosen] = useState<string[]>(props.first ?? now);
  const [sought, setSought] = useState('');
  const [reason, setReason] = useState('');
  const byHand = s.binding?.roles ?? {};
  const roles = { ...byHand, [role]: chosen };
  const changed = chosen.length > 0 && [...chosen].sort().join() !== [...now].sort().join();
  const wanted = changed ? JSON.stringify(roles) : '';
  const look = outlook.mutate;
  // what would follow is worked out once the choice rests
  useEffect(() => {
    if (!wanted) {
      return;
    }
    const wait = setTimeout(() => look(JSON.parse(wanted) as Record<string, string[]>), 350);
    return () => clearTimeout(wait);
  }, [wanted, look]);
  const shown = all
    .filter((c) => c.name.toLowerCase().includes(sought.trim().toLowerCase()))
    .sort((a, b) => rank(b.id) - rank(a.id))
    .slice(0, 40);

  function rank(id: string): number {
    return (
      (now.includes(id) ? 4 : 0) + (chosen.includes(id) ? 2 : 0) + (near.some((n) => n.id === id) ? 1 : 0)
    );
  }

  function submit(event: FormEvent) {
    event.preventDefault();
    bind.mutate({ roles, reason }, props.onClose);
  }

  return (
    <form onSubmit={submit} className="mt-3">
      {all.length > 8 && (
        <input
          type="search"
          aria-label="Search the types"
          className="field mb-2"
          placeholder={`Search ${all.length} types`}
          value={sought}
          onChange={(e) => setSought(e.target.value)}
        />
      )}
      <fieldset className="max-h-[260px] overflow-y-auto border-y border-rule">
        <legend className="sr-only">Types that play it</legend>
        {shown.map((c) => {
          const why = near.find((n) => n.id === c.id)?.why;
          return (
            <label
              key={c.id}
              className="flex items-baseline gap-2.5 border-b border-dotted border-rule px-1 py-1.5 last:border-0"
            >
              <input
                type={several ? 'checkbox' : 'radio'}
                name="player"
                checked={chosen.includes(c.id)}
                onChange={(e) =>
                  setChosen(
                    !several
                      ? [c.id]
                      : e.target.checked
                        ? [...chosen, c.id]
                        : chosen.filter((x) => x !== c.id),
                  )
                }
              />
              <span className="min-w-0">
                <code className="name">{c.name || `a function, line ${c.place?.line ?? '?'}`}</code>
                {c.roles.map((r) => (
                  <span key={r} className="ml-1.5">
                    <Seal role={r} />
                  </span>
                ))}
                {why && (
                  <span className="block font-read text-[14.5px] text-soft">
                    Came near and was not taken: <Words sentence={why} />
                  </span>
                )}
              </span>
            </label>
          );
        })}
        {shown.length === 0 && <p className="py-2 text-soft">No type is called so.</p>}
      </fieldset>
      <div role="status" aria-live="polite" className="mt-4 min-h-[64px]">
        {!changed && (
          <p className="text-soft">
            {chosen.length === 0
              ? 'Choose at least one type.'
              : 'Choose another type to see what would follow.'}
          </p>
        )}
        {changed && outlook.isPending && <p className="text-soft italic">Reading and running it so …</p>}
        {changed && outlook.data && !outlook.isPending && <Outlook outlook={outlook.data} />}
      </div>
      <Mistake error={outlook.error ?? bind.error} />
      <label className="mt-3 block font-semibold">
        Why
        <textarea
          rows={2}
          className="field mt-1 font-normal"
          value={reason}
          onChange={(e) => setReason(e.target.value)}
        />
      </label>
      <p className="text-[13px] text-soft">
        It holds for this submission through every later check, and for nobody else’s.
      </p>
      <div className="mt-3 flex flex-wrap items-center gap-3">
        <button
          type="submit"
          className="act act-first"
          disabled={!changed || !reason.trim() || bind.isPending}
        >
          Keep it so
        </button>
        {byHand[role] && (
          <button
            type="button"
            className="act"
            disabled={bind.isPending}
            onClick={() => {
              const rest = Object.fromEntries(Object.entries(byHand).filter(([r]) => r !== role));
              bind.mutate({ roles: rest, reason: reason || 'Left to the check again.' }, props.onClose);
            }}
          >
            Leave it to the check again
          </button>
        )}
        <button type="button" className="quiet" onClick={props.onClose}>
          Leave it
        </button>
      </div>
    </form>
  );
}

function Outlook({ outlook: o }: { outlook: Api<'Outlook'> }) {
  return (
    <>
      <p className="font-semibold">
        {o.turned.length === 0 ? 'Nothing would change.' : 'What would follow'}
        <span className="ml-3 font-normal text-soft">
          {points(o.before.earned)} → {points(o.after.earned)} points proposed
        </span>
      </p>
      <ul>
        {o.turned.map((t) => (
          <li key={t.item} className="flex gap-2.5 py-1">
            <Stroke verdict={t.after ?? 'NOT_APPLICABLE'} />
            <span className="min-w-0 font-read text-[15px]">
              <Words sentence={t.text} />{' '}
              <span className="font-ui text-[13.5px] text-soft">
                {t.before ? words[t.before] : 'not asked'} → {t.after ? words[t.after] : 'not asked'}
              </span>
            </span>
          </li>
        ))}
      </ul>
    </>
  );
}
