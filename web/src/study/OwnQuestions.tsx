import { useState } from 'react';
import type { Api } from '../api/client';
import { useAsk, useOwnQuestions } from '../api/study';
import { Moment } from '../page/Moment';
import { Mistake } from '../page/Notice';
import { nameOf } from '../submission/claims';

/** What a student asks about their points, and what was answered. */
export function OwnQuestions({ attempt: v }: { attempt: Api<'OwnAttemptView'> }) {
  const id = v.attempt.id;
  const asked = useOwnQuestions(id);
  const ask = useAsk(id);
  const [item, setItem] = useState('');
  const [text, setText] = useState('');
  const items = Object.keys(v.returned?.items ?? {});
  const name = (key: string) => nameOf(key, v.findings, []);
  if (!asked.data || (asked.data.until === undefined && asked.data.questions.length === 0)) {
    return null;
  }
  return (
    <section aria-labelledby="questions" className="mt-6">
      <h2 id="questions" className="text-[19px]">
        Questions about the points
      </h2>
      <Asked questions={asked.data.questions} name={name} />
      {asked.data.until !== undefined && (
        <form
          className="mt-3"
          onSubmit={(e) => {
            e.preventDefault();
            ask.mutate({ item: item || items[0]!, text }, { onSuccess: () => setText('') });
          }}
        >
          <label htmlFor="asked-of" className="block font-semibold">
            Ask about
          </label>
          <select
            id="asked-of"
            className="field mt-1 w-full"
            value={item || items[0]}
            onChange={(e) => setItem(e.target.value)}
          >
            {items.map((i) => (
              <option key={i} value={i}>
                {name(i)}
              </option>
            ))}
          </select>
          <label htmlFor="question" className="mt-2 block font-semibold">
            Your question{' '}
            <span className="font-normal text-soft">
              until <Moment at={asked.data.until} />
            </span>
          </label>
          <textarea
            id="question"
            rows={3}
            maxLength={4_000}
            className="field mt-1"
            value={text}
            onChange={(e) => setText(e.target.value)}
          />
          <Mistake error={ask.error} />
          <button type="submit" className="act act-first mt-2" disabled={!text.trim() || ask.isPending}>
            Ask
          </button>
        </form>
      )}
    </section>
  );
}

/** Questions with their answers. */
export function Asked(props: {
  questions: Api<'QuestionView'>[];
  name: (item: string) => string;
  /** the place to answer, where one may */
  answering?: (question: Api<'QuestionView'>) => React.ReactNode;
}) {
  return (
    <ul>
      {props.questions.map((q) => (
        <li key={q.id} className="mt-2 border-l-[3px] border-ochre pl-3">
          <p className="text-[13px] text-soft">
            {props.name(q.item)}, <Moment at={q.askedAt} />
          </p>
          <p className="font-read text-[15.5px] whitespace-pre-wrap">{q.text}</p>
          {q.answer ? (
            <p className="mt-1 border-l-[3px] border-slate pl-3 font-read text-[15.5px] whitespace-pre-wrap italic">
              {q.answer}{' '}
              <span className="font-ui text-[13px] text-soft not-italic">
                {q.by}, <Moment at={q.answeredAt!} />
              </span>
            </p>
          ) : (
            !props.answering && <p className="text-[13px] text-soft">Not answered yet.</p>
          )}
          {props.answering?.(q)}
        </li>
      ))}
    </ul>
  );
}
