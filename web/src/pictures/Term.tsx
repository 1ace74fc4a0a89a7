import * as Plot from '@observablehq/plot';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { usePace, type CourseSheet } from '../api/ledger';
import { counted } from '../page/count';
import { Notice, Waiting } from '../page/Notice';
import { spreadOf, rounded } from '../together/even';
import { daysToSettled, short, throughTheTerm } from './figures';
import { Plotted } from './Plotted';

const date = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short' });

/** How a course goes through its term, and how long work waits until somebody has settled it. */
export function Term({ sheet }: { sheet: CourseSheet }) {
  const pace = usePace(sheet.courseId);
  const points = useMemo(
    () => throughTheTerm(pace.data?.flatMap((p) => p.work) ?? [], new Date()),
    [pace.data],
  );
  const settled = useMemo(
    () =>
      sheet.columns
        .map((c) => ({
          id: c.exercise,
          name: `${c.number} · ${c.title}`,
          days: daysToSettled(pace.data?.find((p) => p.exercise === c.exercise)?.work ?? []),
        }))
        .filter((w) => w.days.length > 0),
    [sheet.columns, pace.data],
  );
  const through = useMemo<Plot.PlotOptions>(
    () => ({
      height: 260,
      marginBottom: 36,
      x: { type: 'time', label: null, ticks: 7, tickFormat: (d: Date) => date.format(d) },
      y: { label: 'submissions', grid: true, tickFormat: 'd' },
      color: {
        domain: ['handed in', 'settled'],
        range: ['var(--ochre)', 'var(--verdigris)'],
        legend: true,
      },
      marks: [
        Plot.lineY(points, { x: 'day', y: 'count', stroke: 'what', strokeWidth: 2, curve: 'step-after' }),
        Plot.dot(points, { x: 'day', y: 'count', fill: 'what', r: 2.5 }),
        Plot.ruleY([0]),
      ],
    }),
    [points],
  );
  const waiting = useMemo<Plot.PlotOptions>(
    () => ({
      marginLeft: 330,
      height: 70 + 34 * settled.length,
      marginBottom: 42,
      x: {
        label: 'days from handing in to settled',
        domain: [0, Math.max(1, ...settled.flatMap((w) => w.days))],
      },
      y: { label: null, domain: settled.map((w) => w.name), tickFormat: short },
      marks: [
        Plot.dot(
          settled.flatMap((w) => w.days.map((days) => ({ name: w.name, days }))),
          { x: 'days', y: 'name', fill: 'var(--slate)', fillOpacity: 0.55, r: 3.5 },
        ),
        Plot.tickX(
          settled.map((w) => ({ name: w.name, days: spreadOf(w.days).middle })),
          { x: 'days', y: 'name', stroke: 'var(--madder)', strokeWidth: 2.5 },
        ),
      ],
    }),
    [settled],
  );
  if (!pace.data) {
    return pace.isError ? (
      <Notice title="The times could not be fetched" text={pace.error.message} />
    ) : (
      <Waiting what="Counting days" />
    );
  }
  return (
    <>
      <Plotted
        title="Through the term"
        about="How many submissions had been handed in, and how many of them settled, at the end of each day"
        options={through}
        table={
          <table className="mt-2">
            <thead className="text-left text-[13px] text-soft">
              <tr>
                <th className="pr-5 font-semibold">By the end of</th>
                <th className="pr-5 text-right font-semibold">handed in</th>
                <th className="text-right font-semibold">settled</th>
              </tr>
            </thead>
            <tbody>
              {points
                .filter((p) => p.what === 'handed in')
                .map((p, i) => (
                  <tr key={p.day.getTime()} className="border-t border-dotted border-rule">
                    <th scope="row" className="pr-5 text-left font-normal">
                      {date.format(p.day.getTime() - 1)}
                    </th>
                    <td className="pr-5 text-right">{p.count}</td>
                    <td className="text-right">{points[2 * i + 1]?.count}</td>
                  </tr>
                ))}
            </tbody>
          </table>
        }
      />
      {settled.length > 0 && (
        <Plotted
          title="How long work waits"
          about={`Days from handing in to settled for ${counted(settled.length, 'exercise')}, with the middle one marked`}
          options={waiting}
          table={
            <table className="mt-2">
              <thead className="text-left text-[13px] text-soft">
                <tr>
                  {['Exercise', 'settled', 'shortest', 'middle', 'longest, in days'].map((h, i) => (
                    <th key={h} className={`pr-5 font-semibold ${i > 0 ? 'text-right' : ''}`}>
                      {h}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {settled.map((w) => {
                  const s = spreadOf(w.days);
                  return (
                    <tr key={w.id} className="border-t border-dotted border-rule">
                      <th scope="row" className="py-0.5 pr-5 text-left font-normal">
                        <Link className="hover:underline" to={`/exercises/${w.id}#submissions`}>
                          {w.name}
                        </Link>
                      </th>
                      {[w.days.length, rounded(s.low), rounded(s.middle), rounded(s.high)].map((n, i) => (
                        <td key={i} className="pr-5 text-right tabular-nums">
                          {n}
                        </td>
                      ))}
                    </tr>
                  );
                })}
              </tbody>
            </table>
          }
        />
      )}
    </>
  );
}
