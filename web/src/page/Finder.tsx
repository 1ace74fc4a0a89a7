import { groupsInWords } from '../exercise/tally';
import { capitalised } from './count';

/** In place of a group's name: those that are looked after. */
export const OWN = '\u0000own';

/** Where a name or a number of the roster is typed. */
export function FindStudent({ value, onChange }: { value: string; onChange: (find: string) => void }) {
  return (
    <label className="text-[14px]">
      <span className="sr-only">Find a student</span>
      <input
        type="search"
        className="field w-[190px]"
        placeholder="Find a name or number"
        value={value}
        onChange={(e) => onChange(e.target.value)}
      />
    </label>
  );
}

/**
 * Which group is shown.
 *
 * @param own the groups that whoever asks looks after
 */
export function ChooseGroup(props: {
  own: string[];
  groups: string[];
  value: string;
  onChange: (group: string) => void;
}) {
  return (
    <label className="text-[14px]">
      <span className="sr-only">Group</span>
      <select className="field" value={props.value} onChange={(e) => props.onChange(e.target.value)}>
        {props.own.length > 0 && <option value={OWN}>{capitalised(groupsInWords(props.own))}</option>}
        <option value="">All groups</option>
        {props.groups.map((g) => (
          <option key={g} value={g}>
            Group {g || 'none'}
          </option>
        ))}
      </select>
    </label>
  );
}
