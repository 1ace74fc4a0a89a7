import type { Api } from '../api/client';
import type { Sentences } from '../api/notation';
import { TimeZones } from '../course/TimeZones';
import { LANGUAGES, type LanguageId } from './languages';

export type Settings = Api<'SettingsForm'>;

const counting: Record<NonNullable<Settings['counts']>, string> = {
  LAST: 'the last counts',
  FIRST: 'the first counts',
  BEST: 'the best counts',
};
const shown: Record<NonNullable<Settings['shows']>, string> = {
  NOTHING: 'nothing',
  FINDINGS: 'what was found',
  FINDINGS_AND_SCENARIOS: 'what was found and how it ran',
};

/** When it opens and is due, what being late costs, how often it may be handed in, and which names the brief fixes. */
export function Times(props: {
  settings: Settings;
  sentences?: Sentences;
  onChange: (settings: Settings) => void;
}) {
  const s = props.settings;
  const taken = s.languages ?? ['java'];
  const set = (part: Partial<Settings>) => props.onChange({ ...s, ...part });
  const time = (name: 'opens' | 'due' | 'closes', label: string, about: string) => (
    <div>
      <label className="block font-semibold" htmlFor={`time-${name}`}>
        {label} <span className="font-normal text-soft">{about}</span>
      </label>
      <input
        id={`time-${name}`}
        type="datetime-local"
        className="field mt-1"
        value={s[name]?.slice(0, 16) ?? ''}
        onChange={(e) => set({ [name]: e.target.value || undefined })}
      />
    </div>
  );
  const amount = (
    name: 'graceMinutes' | 'pointsPerDay' | 'percentPerDay' | 'notCompilingPercent' | 'most',
    label: string,
    usual = 0,
  ) => (
    <label className="flex items-baseline gap-2">
      <input
        type="number"
        min={0}
        step={name === 'pointsPerDay' || name === 'percentPerDay' ? 0.25 : 1}
        className="field w-[88px] text-right"
        value={s[name] ?? usual}
        onChange={(e) => set({ [name]: e.target.value === '' ? 0 : Number(e.target.value) })}
      />
      {label}
    </label>
  );
  return (
    <>
      <div className="mt-3 grid max-w-[680px] grid-cols-2 gap-x-6 gap-y-4">
        {time('opens', 'Opens', 'left empty: at once')}
        {time('due', 'Due', 'left empty: no end')}
        {time('closes', 'Closes', 'nothing is taken after that')}
        <div>
          <label className="block font-semibold" htmlFor="time-zone">
            By the clocks of
          </label>
          <TimeZones id="time-zone" value={s.zone} onChange={(zone) => set({ zone })} />
        </div>
      </div>
      <fieldset className="mt-5">
        <legend className="font-semibold">Who is late</legend>
        <div className="mt-2 grid max-w-[680px] grid-cols-2 gap-x-6 gap-y-2">
          {amount('graceMinutes', 'minutes count as on time')}
          <span />
          {amount('pointsPerDay', 'points are taken off for each day begun')}
          {amount('percentPerDay', 'percent of all points, for each day begun')}
        </div>
      </fieldset>
      <fieldset className="mt-5">
        <legend className="font-semibold">How points are counted</legend>
        <div className="mt-2 grid max-w-[680px] grid-cols-2 items-baseline gap-x-6 gap-y-2">
          {amount('notCompilingPercent', 'percent are kept by what does not compile', 100)}
          <label className="flex items-baseline gap-2">
            The sum is given in
            <select
              className="field w-auto"
              value={s.rounding ?? 'QUARTERS'}
              onChange={(e) => set({ rounding: e.target.value as Settings['rounding'] })}
            >
              <option value="QUARTERS">quarters</option>
              <option value="HALVES">halves</option>
              <option value="WHOLE">whole points</option>
            </select>
          </label>
        </div>
      </fieldset>
      <fieldset className="mt-5">
        <legend className="font-semibold">What it may be written in</legend>
        <div className="mt-2 flex flex-wrap gap-x-6 gap-y-1">
          {(Object.keys(LANGUAGES) as LanguageId[]).map((id) => (
            <label key={id} className="flex items-center gap-2">
              <input
                type="checkbox"
                checked={taken.includes(id)}
                disabled={taken.length === 1 && taken.includes(id)}
                onChange={(e) =>
                  set({ languages: e.target.checked ? [...taken, id] : taken.filter((l) => l !== id) })
                }
              />
              {LANGUAGES[id].title}
            </label>
          ))}
        </div>
        <p className="mt-1 text-[13px] text-soft">
          All are judged by the same claims, scenarios and points. Starter code and solutions can be given in
          each; tests of your own in Java (JUnit) and Python (unittest).
        </p>
      </fieldset>
      <div className="mt-5 grid max-w-[680px] grid-cols-2 gap-x-6 gap-y-4">
        <fieldset>
          <legend className="font-semibold">How often it may be handed in</legend>
          <div className="mt-2">{amount('most', 'times; 0 for as often as one likes')}</div>
          <select
            aria-label="Which of several counts"
            className="field mt-2"
            value={s.counts ?? 'LAST'}
            onChange={(e) => set({ counts: e.target.value as Settings['counts'] })}
          >
            {Object.entries(counting).map(([v, words]) => (
              <option key={v} value={v}>
                {words}
              </option>
            ))}
          </select>
          <label className="mt-3 flex items-start gap-2">
            <input
              type="checkbox"
              className="mt-1.5 shrink-0"
              checked={s.steps ?? false}
              onChange={(e) => set({ steps: e.target.checked })}
            />
            <span>
              In small safe steps
              <span className="block text-[13px] text-soft">
                Every commit that is handed in by git is checked, too, one after the other.
              </span>
            </span>
          </label>
        </fieldset>
        <div>
          <label className="block font-semibold" htmlFor="shows">
            What students see before grades are out
          </label>
          <select
            id="shows"
            className="field mt-2"
            value={s.shows ?? 'NOTHING'}
            onChange={(e) => set({ shows: e.target.value as Settings['shows'] })}
          >
            {Object.entries(shown).map(([v, words]) => (
              <option key={v} value={v}>
                {words}
              </option>
            ))}
          </select>
        </div>
      </div>
      <FixedNames names={s.names ?? {}} sentences={props.sentences} onChange={(names) => set({ names })} />
    </>
  );
}

function FixedNames(props: {
  names: Record<string, string>;
  sentences?: Sentences;
  onChange: (names: Record<string, string>) => void;
}) {
  const roles = props.sentences?.names.filter((n) => n.kind === 'ROLE') ?? [];
  return (
    <fieldset className="mt-5">
      <legend className="font-semibold">
        Names that the brief fixes{' '}
        <span className="font-normal text-soft">left empty, the name is the student’s own</span>
      </legend>
      <div className="mt-2 grid max-w-[680px] grid-cols-2 gap-x-6 gap-y-2">
        {roles.map((r) => (
          <label key={r.name} className="grid grid-cols-[150px_minmax(0,1fr)] items-baseline gap-2">
            <span className="truncate" title={r.name}>
              {r.name}
            </span>
            <input
              className="field font-code text-[13.5px]"
              value={props.names[r.name] ?? ''}
              onChange={(e) => {
                const names = { ...props.names };
                if (e.target.value.trim() === '') {
                  delete names[r.name];
                } else {
                  names[r.name] = e.target.value.trim();
                }
                props.onChange(names);
              }}
            />
          </label>
        ))}
      </div>
    </fieldset>
  );
}
