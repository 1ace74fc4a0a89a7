import * as Plot from '@observablehq/plot';
import { useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import { useWeave } from '../api/cohort';
import { useLedger, type CourseSheet } from '../api/ledger';
import { counted } from '../page/count';
import { Notice, Waiting } from '../page/Notice';
import { Page } from '../page/Page';
import { failing, inClaimWords, progress, sharesOf, short, stages, tenths, type Share } from './figures';
import { Plotted } from './Plotted';
import { Term } from './Term';

/** Names that stand in a row of a table at once. */
const NAMED = 40;

/** Where a course stands, in pictures; each leads to the submissions behind it. */
export function PicturesPage() {
  const id = Number(useParams().course);
  const sheet = useLedger(id);
  return (
    <Page
      title="Pictures"
      crumbs={[
        { text: sheet.data?.course ?? 'Course', to: `/courses/${id}` },
        { text: 'Grades', to: `/courses/${id}/grades` },
        { text: 'Pictures' },
      ]}
    >
      <h1 className="text-[27px]">Pictures</h1>
      {sheet.isError ? (
        <Notice
          title="The grades could not be opened"
          text={sheet.error.message}
          again={() => void sheet.refetch()}
        />
      ) : !sheet.data ? (
        <Waiting what="Drawing" />
      ) : sheet.data.lines.every((l) => l.cells.length === 0) ? (
        <p className="reading mt-2 text-soft">Nothing was handed in yet, so there is nothing to draw.</p>
      ) : (
        <Opened sheet={sheet.data} />
      )}
    </Page>
  );
}

function Opened({ sheet }: { sheet: CourseSheet }) {
  const checked = sheet.columns.flatMap((c, i) => (c.possible === undefined ? [] : [i]));
  const [chosen, setChosen] = useState(checked[0] ?? 0);
  return (
    <>
      <p className="reading text-soft italic">
        {counted(sheet.lines.length, 'student')}, {counted(sheet.columns.length, 'exercise')}.
      </p>
      <HowFar sheet={sheet} />
      <Term sheet={sheet} />
      {checked.length > 0 && (
        <>
          <label className="mt-8 block">
            <span className="font-semibold">Of the exercise</span>{' '}
            <select
              className="field w-auto max-w-full"
              value={chosen}
              onChange={(e) => setChosen(Number(e.target.value))}
            >
              {checked.map((i) => (
                <option key={i} value={i}>
                  {sheet.columns[i]!.number} · {sheet.columns[i]!.title}
                </option>
              ))}
            </select>
          </label>
          <HowPointsSpread sheet={sheet} column={chosen} />
          <WhatFails exercise={sheet.columns[chosen]!.exercise} />
          <p className="mt-6 text-[14.5px]">
            <Link className="quiet" to={`/exercises/${sheet.columns[chosen]!.exercise}/evenness`}>
              What each who marks has given
            </Link>
          </p>
        </>
      )}
    </>
  );
}

const pigments: Record<(typeof stages)[number], string> = {
  'given back': 'var(--verdigris)',
  settled: 'var(--slate)',
  'to be read': 'var(--ochre)',
  'being checked': 'var(--soft)',
  'not there': 'var(--rule)',
};

function HowFar({ sheet }: { sheet: CourseSheet }) {
  const figures = useMemo(() => progress(sheet), [sheet]);
  const options = useMemo<Plot.PlotOptions>(
    () => ({
      marginLeft: 330,
      height: 60 + 30 * sheet.columns.length,
      x: { label: 'students', ticks: 6, tickFormat: 'd' },
      y: { label: null, domain: sheet.columns.map((c) => `${c.number} · ${c.title}`), tickFormat: short },
      color: { domain: [...stages], range: stages.map((s) => pigments[s]), legend: true },
      marks: [
        Plot.barX(figures, { x: 'count', y: 'exercise', fill: 'stage', order: [...stages], inset: 0.5 }),
        Plot.ruleX([0]),
      ],
    }),
    [figures, sheet.columns],
  );
  return (
    <Plotted
      title="How far each exercise is"
      about="For each exercise how many students’ work is given back, settled, to be read, being checked, or not there"
      options={options}
      table={
        <table className="mt-2">
          <thead className="text-left text-[13px] text-soft">
            <tr>
              <th className="pr-5 font-semibold">Exercise</th>
              {stages.map((s) => (
                <th key={s} className="pr-5 text-right font-semibold">
                  {s}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {sheet.columns.map((c) => (
              <tr key={c.exercise} className="border-t border-dotted border-rule">
                <th scope="row" className="py-0.5 pr-5 text-left font-normal">
                  <Link className="hover:underline" to={`/exercises/${c.exercise}/grades`}>
                    {c.number} · {c.title}
                  </Link>
                </th>
                {stages.map((s) => (
                  <td key={s} className="pr-5 text-right">
                    {figures.find((f) => f.exercise === `${c.number} · ${c.title}` && f.stage === s)?.count}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      }
    />
  );
}

function HowPointsSpread({ sheet, column }: { sheet: CourseSheet; column: number }) {
  const [byGroup, setByGroup] = useState(false);
  const shares = useMemo(() => sharesOf(sheet, column), [sheet, column]);
  const groups = [...new Set(shares.map((s) => s.group))].sort();
  const options = useMemo<Plot.PlotOptions>(
    () => ({
      height: byGroup ? 90 + 80 * new Set(shares.map((s) => s.group)).size : 240,
      x: { label: 'percent of all points', domain: [0, 100], ticks: 10 },
      y: { label: 'students', ticks: 4, tickFormat: 'd', grid: true },
      fy: { label: 'group' },
      marks: [
        Plot.rectY(
          shares.map((s) => ({ ...s, percent: Math.min(99.999, s.share * 100) })),
          {
            ...Plot.binX(
              { y: 'count' },
              { x: 'percent', thresholds: [0, 10, 20, 30, 40, 50, 60, 70, 80, 90, 100] },
            ),
            ...(byGroup ? { fy: 'group' } : {}),
            fill: 'var(--slate)',
          },
        ),
        Plot.ruleY([0]),
      ],
    }),
    [shares, byGroup],
  );
  return (
    <Plotted
      title="How points spread"
      about={`How many students have which part of all points; ${counted(shares.length, 'submission')}`}
      options={options}
      table={<Tenths shares={shares} />}
    >
      {groups.length > 1 && (
        <label className="flex min-h-[26px] items-center gap-2 text-[14px]">
          <input type="checkbox" checked={byGroup} onChange={(e) => setByGroup(e.target.checked)} />
          by group
        </label>
      )}
    </Plotted>
  );
}

function Tenths({ shares }: { shares: Share[] }) {
  return (
    <table className="mt-2">
      <tbody>
        {tenths(shares).map((t) => (
          <tr key={t.from} className="border-t border-dotted border-rule align-top">
            <th scope="row" className="py-0.5 pr-5 text-left font-semibold whitespace-nowrap">
              {t.from}–{t.from + 10} %
            </th>
            <td className="pr-5 text-right">{t.those.length}</td>
            <td>
              {t.those.slice(0, NAMED).map((s, i) => (
                <span key={s.submission}>
                  {i > 0 && ', '}
                  <Link className="hover:underline" to={`/submissions/${s.submission}`}>
                    {s.student}
                  </Link>
                </span>
              ))}
              {t.those.length > NAMED && ` and ${t.those.length - NAMED} more`}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function WhatFails({ exercise }: { exercise: number }) {
  const weave = useWeave(exercise);
  const claims = useMemo(() => failing(weave.data?.claims ?? []), [weave.data]);
  const options = useMemo<Plot.PlotOptions>(
    () => ({
      marginLeft: 330,
      height: 60 + 28 * claims.length,
      x: { label: 'submissions that do not meet it', ticks: 6, tickFormat: 'd' },
      y: { label: null, domain: claims.map((c) => inClaimWords(c.item)), tickFormat: short },
      marks: [
        Plot.barX(claims, {
          x: 'missing',
          y: (c: { item: string }) => inClaimWords(c.item),
          fill: 'var(--madder)',
          inset: 1,
        }),
        Plot.ruleX([0]),
      ],
    }),
    [claims],
  );
  if (!weave.data) {
    return weave.isError ? (
      <Notice title="The claims could not be fetched" text={weave.error.message} />
    ) : (
      <Waiting what="Counting claims" />
    );
  }
  if (claims.length === 0) {
    return <p className="reading mt-8 text-soft">No claim of this exercise is missed by anybody.</p>;
  }
  return (
    <Plotted
      title="Which claims fail most"
      about={`How many submissions do not meet each of ${counted(claims.length, 'claim')}`}
      options={options}
      table={
        <>
          <table className="mt-2">
            <thead className="text-left text-[13px] text-soft">
              <tr>
                <th className="pr-5 font-semibold">Claim</th>
                <th className="pr-5 text-right font-semibold">not met</th>
                <th className="text-right font-semibold">met</th>
              </tr>
            </thead>
            <tbody>
              {claims.map((c) => (
                <tr key={c.item} className="border-t border-dotted border-rule">
                  <th scope="row" className="py-0.5 pr-5 text-left font-normal">
                    {inClaimWords(c.item)}
                  </th>
                  <td className="pr-5 text-right">{c.missing}</td>
                  <td className="text-right">{c.met}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <p className="mt-2">
            <Link className="quiet" to={`/exercises/${exercise}/alike`}>
              The submissions behind it, those with the same mistakes together
            </Link>
          </p>
        </>
      }
    />
  );
}
