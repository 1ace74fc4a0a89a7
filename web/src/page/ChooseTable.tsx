/**
 * The place to choose a table in a file.
 *
 * @param label what it is asked for as
 */
export function ChooseTable(props: { label: string; onChoose: (file: File) => void }) {
  return (
    <input
      type="file"
      accept=".csv,.txt,.tsv,text/csv"
      aria-label={props.label}
      // the same file, mended, is chosen again
      onClick={(e) => (e.currentTarget.value = '')}
      className="chooser mt-3"
      onChange={(e) => {
        const file = e.target.files?.[0];
        if (file) {
          props.onChoose(file);
        }
      }}
    />
  );
}
