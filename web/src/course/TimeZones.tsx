/** A time zone out of all there are. */
export function TimeZones(props: { id: string; value: string; onChange: (zone: string) => void }) {
  const zones = Intl.supportedValuesOf('timeZone');
  return (
    <select
      id={props.id}
      className="field mt-1"
      value={props.value}
      onChange={(e) => props.onChange(e.target.value)}
    >
      {!zones.includes(props.value) && <option>{props.value}</option>}
      {zones.map((z) => (
        <option key={z}>{z}</option>
      ))}
    </select>
  );
}
