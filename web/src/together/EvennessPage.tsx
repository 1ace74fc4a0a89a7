import * as Plot from '@observablehq/plot';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import type { Api } from '../api/client';
import { useEvenness } from '../api/together';
import { counted, inWords, points } from '../page/count';
import { Notice, Waiting } from '../page/Notice';
import { Plotted } from '../pictures/Plotted';
import { ExerciseFrame } from './ExerciseFrame';
import { askedFor, inRoles, rounded, spreadOf } from './even';

/** So many cases stand there at once. */
const SHOWN = 12;

/** Whether those who mark an exercise mark alike: each one's points side by side, and what each gave in like cases. */
export function EvennessPage() {
  return (
    <ExerciseFrame title="How evenly it is marked">
      {({ exercise }) => <Evenness exercise={exercise} />}
    </ExerciseFrame>
  );
}

function Evenness({ exercise }: { exercise: Api<'ExerciseView'> }) {
  const view = useEvenness(exercise.id);
  if (!view.data) {
    return view.isError ? (
      <Notice title="It could not be compared" text={view.error.message} again={() => void view.refetch()} />
    ) : (
      <Waiting what="Comparing" />
    );
  }
  const { tutors, cases, possible } = view.data;
  if (tutors.length === 0) {
    return (
      <p className="reading mt-2 text-soft">
        Nothing is settled yet. Once several people have settled some, what they gave stands here side by
        side.
      </p>
    );
  }
  const asked = cases.filter((c) => c.asks !== undefined);
  return (
    <>
      <p className="reading text-soft italic">
        {inWords(tutors.length)} {tutors.length === 1 ? 'has' : 'have'} settled{' '}
        {tutors.reduce((n, t) => n + t.points.length, 0)}.{' '}
        {asked.length === 0
          ? 'Nobody stands out.'
          : `${inWords(asked.length)} ${asked.length === 1 ? 'question' : 'questions'} to ask.`}
      </p>
      <Tutors tutors={tutors} possible={possible} />
      <Cases exercise={exercise} cases={cases} several={tutors.length > 1} />
    </>
  );
}

function Tutors({ tutors, possible }: { tutors: Api<'TutorPoints'>[]; possible: number }) {
  const options = useMemo<Plot.PlotOptions>(() => {
    const dots = tutors.flatMap((t) => t.points.map((p) => ({ name: t.name, points: p })));
    const means = tutors.flatMap((t) => [
      { name: t.name, points: t.given, of: 'given' },
      { name: t.name, points: t.proposed, of: 'proposed by the check' },
    ]);
    return {
      marginLeft: 170,
      height: 60 + 62 * tutors.length,
      x: { label: 'points', domain: [0, Math.max(1, possible)], nice: true },
      y: { axis: null },
      fy: { label: null, domain: tutors.map((t) => t.name), axis: 'left' },
      color: {
        domain: ['given', 'proposed by the check'],
        range: ['var(--madder)', 'var(--verdigris)'],
        legend: true,
      },
      marks: [
        Plot.dot(
          dots,
          Plot.dodgeY('bottom', {
            x: 'points',
            fy: 'name',
            r: 3.2,
            fill: 'var(--slate)',
            padding: 0.6,
          }) as Plot.DotOptions,
        ),
        Plot.tickX(means, { x: 'points', fy: 'name', stroke: 'of', strokeWidth: 2.5 }),
        Plot.frame({ anchor: 'bottom', stroke: 'var(--rule)' }),
      ],
    };
  }, [tutors, possible]);
  return (
    <Plotted
      title="What each has given"
      about={`The points of every submission that each of ${counted(tutors.length, 'person')} has settled, with the average given and the average that the check proposed`}
      options={options}
      table={
        <table className="mt-2">
          <thead className="text-left text-[13px] text-soft">
            <tr>
              {[
                'Who',
                'settled',
                'lowest',
                'middle',
                'highest',
                'given on average',
                'proposed',
                'changed',
              ].map((h, i) => (
                <th key={h} className={`pr-5 font-semibold ${i > 0 ? 'text-right' : ''}`}>
                  {h}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {tutors.map((t) => {
              const s = spreadOf(t.points);
              return (
                <tr key={t.account} className="border-t border-dotted border-rule">
                  <th scope="row" className="py-0.5 pr-5 text-left font-normal">
                    {t.name}
                  </th>
                  {[t.points.length, s.low, s.middle, s.high, rounded(t.given), rounded(t.proposed)].map(
                    (n, i) => (
                      <td key={i} className="pr-5 text-right tabular-nums">
                        {n}
                      </td>
                    ),
                  )}
                  <td className="text-right tabular-nums">{rounded(t.changed)} %</td>
                </tr>
              );
            })}
          </tbody>
        </table>
      }
    />
  );
}

function Cases(props: { exercise: Api<'ExerciseView'>; cases: Api<'LikeCase'>[]; several: boolean }) {
  const { exercise, cases, several } = props;
  const [all, setAll] = useState(false);
  const shown = all ? cases : cases.slice(0, SHOWN);
  return (
    <section aria-labelledby="cases" className="mt-8">
      <h2 id="cases" className="border-b border-rule pb-1 text-[21px]">
        Where the check found the same, and people gave different points
      </h2>
      {cases.length === 0 ? (
        <p className="reading mt-2 text-verdigris">
          {several
            ? 'Nowhere: in like cases everybody gave the same.'
            : 'Only one person has settled something, so there is nobody to compare with.'}
        </p>
      ) : (
        <ul>
          {shown.map((c) => (
            <li
              key={`${c.item} ${c.near ?? ''} ${c.proposed}`}
              className="border-b border-dotted border-rule py-3"
            >
              {c.asks && <p className="font-semibold text-slate">{c.asks}</p>}
              <p className="reading">{askedFor(exercise, c.item)}.</p>
              <p className="text-[14px] text-soft">
                {c.near === undefined ? 'met' : inRoles(c.near)}; the check proposed {points(c.proposed)} of{' '}
                {points(c.possible)}
              </p>
              <ul className="mt-1 flex flex-wrap gap-x-6 text-[14.5px]">
                {c.given.map((g) => (
                  <li key={g.account}>
                    <b>{rounded(g.mean)}</b> {g.name}{' '}
                    <span className="text-soft">
                      in {g.times}:{' '}
                      {g.submissions.map((s, i) => (
                        <Link key={s} to={`/submissions/${s}`} className="quiet ml-0.5">
                          {i + 1}
                          <span className="sr-only"> of those {g.name} marked</span>
                        </Link>
                      ))}
                      {g.times > g.submissions.length && ' …'}
                    </span>
                  </li>
                ))}
              </ul>
            </li>
          ))}
        </ul>
      )}
      {cases.length > SHOWN && (
        <button type="button" className="quiet mt-2 text-[14px]" onClick={() => setAll(!all)}>
          {all ? 'fewer' : `all ${cases.length}`}
        </button>
      )}
    </section>
  );
}
