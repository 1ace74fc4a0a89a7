/** A field for a password that is yet to be. */
export function NewPassword(props: { value: string; onChange: (value: string) => void }) {
  return (
    <>
      <label className="mt-5 block font-semibold" htmlFor="new-password">
        New password
      </label>
      <input
        id="new-password"
        type="password"
        className="field mt-1"
        autoComplete="new-password"
        aria-describedby="new-password-rule"
        value={props.value}
        onChange={(e) => props.onChange(e.target.value)}
      />
      <p id="new-password-rule" className="mt-1 text-[14px] text-soft">
        At least ten characters. A short sentence is easy to keep.
      </p>
    </>
  );
}
