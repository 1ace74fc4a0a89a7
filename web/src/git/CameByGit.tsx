import { usePush } from '../api/git';
import { Moment } from '../page/Moment';
import { spoken } from '../seal/roles';
import { Stroke } from '../verdict/Stroke';
import { inks } from '../verdict/verdict';
import { beforeOf, changes, counts, standing, type StepView } from './steps';

/** How a submission came by git: the commit, and where they are looked at the steps on the way. Nothing where it did not. */
export function CameByGit({ submission, own = false }: { submission: number; own?: boolean }) {
  const push = usePush(submission, own).data;
  if (!push?.commit) {
    return null;
  }
  const { commit, steps } = push;
  return (
    <section aria-labelledby="git-heading" className="mt-8">
      <h2 id="git-heading" className="border-b border-rule pb-1 text-[21px]">
        {steps.length > 0 ? 'Step by step' : 'By git'}
      </h2>
      <p className="reading mt-2 text-soft">
        Pushed as commit <code className="name">{commit.hash.slice(0, 10)}</code>
        {steps.length > 0
          ? `, ${steps.length === 1 ? 'in one step' : `in ${steps.length} steps`}. ${safe(steps)}`
          : ', with these words:'}
      </p>
      {steps.length === 0 && (
        <p className="reading mt-1 border-l-[3px] border-rule pl-3 break-words whitespace-pre-line">
          {commit.message}
        </p>
      )}
      {steps.length > 0 && (
        <ol aria-label="Steps">
          {steps.map((s, i) => (
            <Line key={s.commit.hash} step={s} before={beforeOf(steps, i)} />
          ))}
        </ol>
      )}
    </section>
  );
}

function safe(steps: StepView[]): string {
  const looked = steps.filter((s) => s.checked);
  const broken = looked.filter((s) => standing(s).verdict !== 'MET').length;
  if (looked.length < steps.length) {
    return `${looked.length} of them have been looked at so far.`;
  }
  return broken === 0
    ? 'Each of them compiles, and nothing went wrong on the way.'
    : `${broken === 1 ? 'One of them leaves' : `${broken} of them leave`} the program broken.`;
}

function Line({ step: s, before }: { step: StepView; before?: StepView }) {
  const { verdict, word } = standing(s);
  const [title, ...rest] = s.commit.message.split('\n');
  const counted = counts(s, before);
  return (
    <li className="grid grid-cols-[5px_minmax(0,1fr)] gap-x-3 border-b border-rule py-3 sm:grid-cols-[5px_124px_minmax(0,1fr)]">
      <Stroke verdict={verdict} />
      <span className={`text-[14px] font-semibold ${inks[verdict]}`}>{word}</span>
      <div className="col-start-2 min-w-0 sm:col-start-3">
        <p className="reading break-words">{title || 'no message'}</p>
        {rest.join(' ').trim() && (
          <p className="font-read text-[15px] break-words text-soft">{rest.join(' ').trim()}</p>
        )}
        <p className="text-[13px] text-soft">
          <code className="name">{s.commit.hash.slice(0, 10)}</code>, <Moment at={s.commit.committedAt} />
          {s.judged > 0 && `, ${s.met} of ${s.judged} claims hold`}
        </p>
        {s.problem && <p className="text-[14px] text-soft">{s.problem}</p>}
        {s.error && <p className="text-[14px] break-words text-madder">{s.error}</p>}
        {s.red.length > 0 && (
          <ul className="text-[14px] text-ochre">
            {s.red.map((r) => (
              <li key={r} className="break-words">
                {r}
              </li>
            ))}
          </ul>
        )}
        {changes(s).map((c) => (
          <p key={c.role} className="text-[14px]">
            <span className="text-soft capitalize">{spoken(c.role)}:</span> {c.text}
          </p>
        ))}
        {counted.length > 0 && <p className="text-[14px] text-soft">{counted.join(', ')}</p>}
      </div>
    </li>
  );
}
