import { markdown } from '@codemirror/lang-markdown';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { useParams } from 'react-router';
import type { Api } from '../api/client';
import { useCourse } from '../api/courses';
import {
  fetchFile,
  manuscriptKey,
  saveFile,
  saveSettings,
  useManuscript,
  type Manuscript,
} from '../api/manuscript';
import { useReading } from '../api/notation';
import { useQueryClient } from '@tanstack/react-query';
import { Brief } from '../exercise/Brief';
import { Notice, Waiting } from '../page/Notice';
import { Page } from '../page/Page';
import { RoleSeals } from '../seal/Seal';
import { CodeEditor } from './CodeEditor';
import { Criteria } from './Criteria';
import { Files } from './Files';
import { together } from './parts';
import { Requirements } from './Requirements';
import { SavingLine } from './SavingLine';
import { Solutions } from './Solutions';
import { Standing } from './Standing';
import { Times, type Settings } from './Times';
import type { Stored } from './SavedText';
import { useSaved } from './useSaved';

const SETTINGS = 'exercise.yaml';
const BRIEF = 'brief.md';
const PATTERN = 'pattern.muster';

/** An exercise as a manuscript: read and written downwards, with what it lacks in the margin. */
export function WritePage() {
  const id = Number(useParams().exercise);
  const manuscript = useManuscript(id);
  if (!manuscript.data) {
    return (
      <Page title="Exercise" crumbs={[{ text: 'Exercise' }]}>
        {manuscript.isError ? (
          <Notice
            title="The exercise could not be opened"
            text={manuscript.error.message}
            again={() => void manuscript.refetch()}
          />
        ) : (
          <Waiting what="Opening the exercise" />
        )}
      </Page>
    );
  }
  return <Written key={id} manuscript={manuscript.data} />;
}

/** A file of the manuscript that is saved while it is typed. */
function useWritten(m: Manuscript, path: string, text: string) {
  const queries = useQueryClient();
  const exercise = m.id;
  const revision = m.files.find((f) => f.path === path)?.revision ?? 0;
  return useSaved(
    `${exercise} ${path}`,
    { text, revision },
    useCallback(
      async (next: string, on: number) => {
        const made = await saveFile(exercise, path, next, on);
        void queries.invalidateQueries({ queryKey: manuscriptKey(exercise), exact: true });
        return made;
      },
      [exercise, path, queries],
    ),
    useCallback(() => fetchFile(exercise, path), [exercise, path]),
  );
}

/** The settings, sent as a form has them and kept as one text, so that they are saved like every other file. */
function useWrittenSettings(m: Manuscript) {
  const queries = useQueryClient();
  const exercise = m.id;
  const revision = m.files.find((f) => f.path === SETTINGS)?.revision ?? 0;
  const stored: Stored = { text: JSON.stringify(m.settings ?? null), revision };
  const saved = useSaved(
    `${exercise} ${SETTINGS}`,
    stored,
    useCallback(
      async (text: string, on: number) => {
        const made = await saveSettings(exercise, JSON.parse(text) as Settings, on);
        void queries.invalidateQueries({ queryKey: manuscriptKey(exercise), exact: true });
        return made;
      },
      [exercise, queries],
    ),
    useCallback(async () => {
      await queries.invalidateQueries({ queryKey: manuscriptKey(exercise), exact: true });
      const now = queries.getQueryData<Manuscript>(manuscriptKey(exercise));
      return {
        text: JSON.stringify(now?.settings ?? null),
        revision: now?.files.find((f) => f.path === SETTINGS)?.revision ?? 0,
      };
    }, [exercise, queries]),
  );
  const settings = JSON.parse(saved.text) as Settings | null;
  const change = saved.change;
  return {
    ...saved,
    settings,
    set: useCallback((next: Settings) => change(JSON.stringify(next)), [change]),
  };
}

const NO_PARTS: Api<'Sentences'>[] = [];

function Written({ manuscript: m }: { manuscript: Manuscript }) {
  const course = useCourse(m.course.id);
  const brief = useWritten(m, BRIEF, m.brief);
  const pattern = useWritten(m, PATTERN, m.pattern);
  const settings = useWrittenSettings(m);
  const reading = useReading(useQuiet(pattern.text));
  const readOnly = course.data !== undefined && !course.data.rights.includes('SET_EXERCISES');
  const parts = reading.data?.parts ?? NO_PARTS;
  const sentences = together(parts);
  const criteria = settings.settings?.criteria ?? [];
  const roles = sentences?.names.filter((n) => n.kind === 'ROLE').map((n) => n.name) ?? [];
  const title = settings.settings?.title ?? m.title;
  const all = [brief, pattern, settings];
  const unsaved = all.some((s) => s.saving.kind !== 'saved');
  const { flush: flushBrief } = brief;
  const { flush: flushPattern } = pattern;
  const { flush: flushSettings } = settings;
  const flush = useCallback(async () => {
    await Promise.all([flushBrief(), flushPattern(), flushSettings()]);
  }, [flushBrief, flushPattern, flushSettings]);
  useAskBeforeLeaving(all.some((s) => s.saving.kind === 'unsent' || s.saving.kind === 'conflict'));

  const caughtBy = (name: string, ids: string[]) => {
    if (settings.settings) {
      const wrong = { ...settings.settings.wrong };
      wrong[name] = ids;
      settings.set({ ...settings.settings, wrong });
    }
  };

  return (
    <RoleSeals roles={roles}>
      <Page
        title={title}
        crumbs={[{ text: m.course.title, to: `/courses/${m.course.id}` }, { text: `${m.number} · ${title}` }]}
        left={
          <Contents
            manuscript={m}
            unsaved={unsaved}
            sentences={sentences}
            criteria={criteria.length}
            readOnly={readOnly}
          />
        }
        right={
          <Standing
            manuscript={m}
            parts={parts}
            criteria={criteria}
            readOnly={readOnly}
            beforePutting={flush}
          />
        }
      >
        {settings.settings ? (
          <input
            aria-label="Title"
            className="w-full border-b border-transparent bg-transparent font-read text-[27px] font-semibold hover:border-rule focus:border-slate focus:outline-none"
            value={settings.settings.title}
            readOnly={readOnly}
            onChange={(e) => settings.set({ ...settings.settings!, title: e.target.value })}
          />
        ) : (
          <h1 className="text-[27px] break-words">{title}</h1>
        )}
        <h2 className="sr-only">Brief</h2>
        <BriefSection
          text={brief.text}
          onChange={brief.change}
          exercise={m.id}
          readOnly={readOnly}
          files={m.files}
        />
        {!readOnly && <SavingLine saving={brief.saving} own={brief.text} onSettle={brief.settle} />}
        <Requirements
          text={pattern.text}
          onChange={pattern.change}
          reading={reading.data}
          solutions={m.solutions}
          hasTests={m.files.some((f) => f.path.startsWith('tests/'))}
          exercise={m.id}
          readOnly={readOnly}
          beforeTrial={flush}
        />
        {!readOnly && <SavingLine saving={pattern.saving} own={pattern.text} onSettle={pattern.settle} />}
        {settings.settings && (
          <fieldset disabled={readOnly} className="contents">
            <Criteria
              criteria={criteria}
              onChange={(next) => settings.set({ ...settings.settings!, criteria: next })}
            />
          </fieldset>
        )}
        <Solutions
          exercise={m.id}
          solutions={withCaughtBy(m.solutions, settings.settings)}
          sentences={sentences}
          text={pattern.text}
          readOnly={readOnly}
          beforeTrial={flush}
          onCaughtBy={caughtBy}
        />
        <section id="starter" aria-labelledby="starter-heading" className="mt-10 scroll-mt-16">
          <h2 id="starter-heading" className="border-b border-rule pb-1 text-[21px]">
            What is handed out
          </h2>
          <Files
            exercise={m.id}
            folder="starter"
            files={m.files}
            readOnly={readOnly}
            none="Nothing: students begin with an empty page. Starter code makes a refactoring of the exercise, which can be compared before and after."
          />
          <h3 className="mt-6 text-[17px]">Tests that come with it</h3>
          <Files
            exercise={m.id}
            folder="tests"
            files={m.files}
            readOnly={readOnly}
            none="None. JUnit 5 classes that are run against every submission; what they are worth stands in the pattern as a line tests."
          />
        </section>
        <section id="times" aria-labelledby="times-heading" className="mt-10 scroll-mt-16">
          <h2 id="times-heading" className="border-b border-rule pb-1 text-[21px]">
            Times and rules
          </h2>
          {settings.settings ? (
            <fieldset disabled={readOnly} className="contents">
              <Times settings={settings.settings} sentences={sentences} onChange={settings.set} />
              {!readOnly && (
                <SavingLine saving={settings.saving} own={settings.text} onSettle={settings.settle} />
              )}
            </fieldset>
          ) : (
            <BrokenSettings manuscript={m} />
          )}
        </section>
      </Page>
    </RoleSeals>
  );
}

/** What the form says is to catch each wrong solution, also while that is still being saved. */
function withCaughtBy(solutions: Api<'SolutionLine'>[], settings: Settings | null): Api<'SolutionLine'>[] {
  return solutions.map((s) => (s.right ? s : { ...s, caughtBy: settings?.wrong?.[s.name] ?? s.caughtBy }));
}

/** Settings that came in from elsewhere and cannot be read are mended as text. */
function BrokenSettings({ manuscript: m }: { manuscript: Manuscript }) {
  const written = useWritten(m, SETTINGS, m.settingsText);
  return (
    <>
      <p className="reading mt-2 text-soft">
        The settings cannot be read as they stand; the margin says where. Mend them here.
      </p>
      <CodeEditor label={SETTINGS} value={written.text} onChange={written.change} numbers />
      <SavingLine saving={written.saving} own={written.text} onSettle={written.settle} />
    </>
  );
}

/** Milliseconds without a key before what is typed is read. */
const QUIET = 250;

function useQuiet(text: string): string {
  const [quiet, setQuiet] = useState(text);
  useEffect(() => {
    const timer = setTimeout(() => setQuiet(text), QUIET);
    return () => clearTimeout(timer);
  }, [text]);
  return quiet;
}

function useAskBeforeLeaving(ask: boolean) {
  useEffect(() => {
    if (!ask) {
      return;
    }
    const before = (e: BeforeUnloadEvent) => e.preventDefault();
    window.addEventListener('beforeunload', before);
    return () => window.removeEventListener('beforeunload', before);
  }, [ask]);
}

function BriefSection(props: {
  text: string;
  onChange: (text: string) => void;
  exercise: number;
  readOnly: boolean;
  files: Manuscript['files'];
}) {
  const [writing, setWriting] = useState(props.text.trim() === '' && !props.readOnly);
  const language = useMemo(() => markdown(), []);
  return (
    <section id="brief" aria-label="Brief" className="mt-2 scroll-mt-16">
      {!props.readOnly && (
        <button
          type="button"
          className="quiet text-[14px]"
          aria-expanded={writing}
          onClick={() => setWriting(!writing)}
        >
          {writing ? 'Only read the brief' : 'Write the brief'}
        </button>
      )}
      <div className={writing ? 'mt-2 grid grid-cols-2 gap-5' : 'mt-2 max-w-[66ch]'}>
        {writing && (
          <div className="min-w-0">
            <CodeEditor
              label="Brief, in Markdown"
              value={props.text}
              onChange={props.onChange}
              extensions={language}
              wrap
              tall
            />
          </div>
        )}
        <div
          className={writing ? 'max-h-[70vh] min-w-0 overflow-y-auto border-l border-rule pl-5' : 'min-w-0'}
        >
          {props.text.trim() === '' ? (
            <p className="reading text-soft italic">
              {writing ? 'What is written on the left is read here.' : 'There is no brief yet.'}
            </p>
          ) : (
            <Brief text={props.text} exercise={props.exercise} written />
          )}
        </div>
      </div>
      {writing && (
        <details className="mt-2">
          <summary className="quiet w-fit text-[14px]">Pictures of the brief</summary>
          <Files
            exercise={props.exercise}
            folder="images"
            files={props.files}
            readOnly={props.readOnly}
            none="None yet. A picture lies in the exercise and is named in the brief."
          />
        </details>
      )}
    </section>
  );
}

function Contents(props: {
  manuscript: Manuscript;
  unsaved: boolean;
  sentences?: Api<'Sentences'>;
  criteria: number;
  readOnly: boolean;
}) {
  const m = props.manuscript;
  const s = props.sentences;
  const count = (folder: string) => m.files.filter((f) => f.path.startsWith(folder)).length;
  const lines: [string, string, number | string][] = [
    ['Brief', '#brief', m.brief.trim() === '' ? 'none' : ''],
    ['What must be there', '#requirements', s ? s.claims.length : '–'],
    ['What it must do', '#behaviour', s ? s.scenarios.length + s.runs.length : '–'],
    ['Values', '#values', s ? s.values.length : '–'],
    ['What a person judges', '#criteria', props.criteria],
    ['Solutions', '#solutions', m.solutions.length],
    ['Handed out', '#starter', count('starter/')],
    ['Times and rules', '#times', ''],
  ];
  return (
    <>
      <p className="text-[15px] font-semibold break-words">Exercise {m.number}</p>
      <p role="status" className="text-soft">
        {props.readOnly ? 'You can read it.' : props.unsaved ? 'Saving …' : 'Everything is saved.'}
      </p>
      <ul className="mt-6">
        {lines.map(([text, to, n]) => (
          <li key={to} className="border-b border-dotted border-rule">
            <a href={to} className="flex justify-between gap-2 py-1.5 hover:underline">
              <span>{text}</span>
              <span className="text-soft">{n}</span>
            </a>
          </li>
        ))}
      </ul>
      <p className="margin-heading mt-7">Keys</p>
      <ul className="mt-1.5 grid gap-1 text-soft">
        <li>
          <kbd className="key">t</kbd> try all solutions
        </li>
        <li>
          <kbd className="key">Ctrl z</kbd> undo
        </li>
      </ul>
    </>
  );
}
