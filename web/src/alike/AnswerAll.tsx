import { useState, type FormEvent } from 'react';
import { useAnswerAll } from '../api/alike';
import type { Api } from '../api/client';
import { useLibrary } from '../api/remarks';
import { counted, points } from '../page/count';
import { Mistake as Failure } from '../page/Notice';
import { Asked } from './Asked';
import { differences } from './differences';

/** One answer for several submissions: the remark, other points where wanted, and who is left out. */
export function AnswerAll(props: {
  exercise: Api<'ExerciseView'>;
  group: Api<'Likeness'>;
  usual: string | undefined;
  onLeave: () => void;
  onDone: (given: Api<'Given'>) => void;
}) {
  const { exercise: e, group: g } = props;
  const answer = useAnswerAll(e.id);
  const [remark, setRemark] = useState('');
  const [given, setGiven] = useState<Record<string, string>>({});
  const [settle, setSettle] = useState(false);
  // what somebody has settled already is left to them, unless it is asked for
  const [out, setOut] = useState(
    () => new Set(g.members.filter((m) => m.settled).map((m) => m.submissionId)),
  );
  const library = useLibrary(e.course.id);
  const items = new Set(g.mistakes.map((m) => m.item));
  const fitting = (library.data ?? [])
    .filter((k) => k.about !== undefined && items.has(k.about) && !remark.includes(k.text))
    .slice(0, 5);
  const openToo = g.members.filter((m) => !out.has(m.submissionId) && m.toSettle > 0).length;
  const those = g.members.filter((m) => !out.has(m.submissionId));

  function submit(event: FormEvent) {
    event.preventDefault();
    const changed = Object.entries(given).filter(([, text]) => text.trim() !== '');
    answer.mutate(
      {
        submissions: those.map((m) => ({ submission: m.submissionId, version: m.version })),
        remark,
        points: Object.fromEntries(changed.map(([item, text]) => [item, Number(text)])),
        settle,
      },
      { onSuccess: props.onDone },
    );
  }

  function leave() {
    if (
      !remark.trim() ||
      window.confirm('What you wrote here has not been given yet. Leave it all the same?')
    ) {
      props.onLeave();
    }
  }

  return (
    <form onSubmit={submit} className="mt-4 border-l-[3px] border-slate pl-4" noValidate>
      <label className="block">
        <span className="block font-semibold">One answer for {counted(those.length, 'submission')}</span>
        <textarea
          rows={4}
          className="field mt-1 font-read text-[15px] leading-[1.45]"
          value={remark}
          maxLength={10_000}
          onChange={(event) => setRemark(event.target.value)}
        />
      </label>
      {fitting.length > 0 && (
        <ul aria-label="Remarks of this course" className="mt-1">
          {fitting.map((k) => (
            <li key={k.id}>
              <button
                type="button"
                className="block w-full border-b border-dotted border-rule px-1 py-1 text-left text-[14px] hover:bg-tint"
                onClick={() => setRemark((r) => (r.trim() ? `${r.trimEnd()} ${k.text}` : k.text))}
              >
                {k.text}
              </button>
            </li>
          ))}
        </ul>
      )}
      <p className="text-[13px] text-soft">
        Names of roles in braces, such as {'{Context}'}, become each student’s own. Markdown. It joins the
        feedback that is there; in the history it is the reason of other points.
      </p>
      {g.mistakes.length > 0 && (
        <fieldset className="mt-3">
          <legend className="font-semibold">Other points, where they should be other</legend>
          {g.mistakes.map((m) => (
            <label key={m.item} className="mt-1 flex items-baseline gap-3 text-[14px]">
              <input
                className="field w-[70px]"
                type="number"
                min={0}
                max={m.possible}
                step={0.25}
                placeholder={points(m.proposed)}
                value={given[m.item] ?? ''}
                onChange={(event) => setGiven({ ...given, [m.item]: event.target.value })}
              />
              <span className="min-w-0 flex-1">
                of {points(m.possible)}: <Asked item={m.item} exercise={e} />
              </span>
            </label>
          ))}
        </fieldset>
      )}
      {g.members.length > 1 && (
        <fieldset className="mt-3">
          <legend className="font-semibold">Whom it is for</legend>
          <div className="mt-1 flex flex-wrap gap-x-5 text-[14px]">
            {g.members.map((m) => {
              const odd = differences(m, props.usual);
              return (
                <label key={m.submissionId} className="flex min-h-[28px] items-center gap-1.5">
                  <input
                    type="checkbox"
                    checked={!out.has(m.submissionId)}
                    onChange={() => setOut(toggled(out, m.submissionId))}
                  />
                  <span>
                    {m.student.name}
                    {odd.length > 0 && <span className="text-soft"> ({odd.join(', ')})</span>}
                  </span>
                </label>
              );
            })}
          </div>
        </fieldset>
      )}
      <label className="mt-3 flex gap-2">
        <input type="checkbox" checked={settle} onChange={() => setSettle(!settle)} />
        Settle them with it
      </label>
      {settle && openToo > 0 && (
        <p className="text-[14px] text-ochre">
          {counted(openToo, 'submission')} among them still {openToo === 1 ? 'has' : 'have'} open questions.
        </p>
      )}
      <Failure error={answer.error} />
      <div className="mt-3 flex items-center gap-4">
        <button
          type="submit"
          className="act act-first"
          disabled={answer.isPending || !remark.trim() || those.length === 0}
        >
          Answer {counted(those.length, 'submission')} now
        </button>
        <button type="button" className="quiet" onClick={leave}>
          Leave it
        </button>
      </div>
    </form>
  );
}

function toggled(set: Set<number>, id: number): Set<number> {
  const other = new Set(set);
  if (!other.delete(id)) {
    other.add(id);
  }
  return other;
}
