import { useState } from 'react';
import type { Api } from '../api/client';
import { useAnswer, useQuestions } from '../api/marks';
import { Mistake } from '../page/Notice';
import { Asked } from '../study/OwnQuestions';
import { nameOf } from './claims';
import { useRight } from './rights';

type Submission = Api<'SubmissionView'>;

/** What the student asks about the points, and the place to answer. */
export function Questions({ submission: s }: { submission: Submission }) {
  const asked = useQuestions(s.id, s.review.returnedAt !== undefined);
  const marks = useRight('MARK');
  if (!asked.data || asked.data.length === 0) {
    return null;
  }
  return (
    <section aria-labelledby="asked" className="mb-7">
      <h2 id="asked" className="border-b border-rule pb-1 text-[21px]">
        Asked by {s.student.name}
      </h2>
      <Asked
        questions={asked.data}
        name={(item) => nameOf(item, s.report, s.criteria)}
        answering={marks ? (q) => <Answer key={q.id} submission={s.id} question={q} /> : undefined}
      />
    </section>
  );
}

function Answer({ submission, question: q }: { submission: number; question: Api<'QuestionView'> }) {
  const answer = useAnswer(submission);
  const [text, setText] = useState(q.answer ?? '');
  const [writing, setWriting] = useState(q.answer === undefined);
  if (!writing) {
    return (
      <button type="button" className="quiet text-[13px]" onClick={() => setWriting(true)}>
        answer anew
      </button>
    );
  }
  return (
    <form
      className="mt-1"
      onSubmit={(e) => {
        e.preventDefault();
        answer.mutate({ question: q.id, text }, { onSuccess: () => setWriting(false) });
      }}
    >
      <textarea
        aria-label="Answer"
        rows={2}
        maxLength={4_000}
        className="field font-read text-[15px]"
        value={text}
        onChange={(e) => setText(e.target.value)}
      />
      <Mistake error={answer.error} />
      <button type="submit" className="act mt-1" disabled={!text.trim() || answer.isPending}>
        Answer
      </button>
    </form>
  );
}
