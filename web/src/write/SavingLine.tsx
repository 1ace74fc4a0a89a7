import type { Saving, Stored } from './SavedText';

/** How what is written stands with the server; where two have written, both texts and the choice between them. */
export function SavingLine(props: {
  saving: Saving;
  own: string;
  onSettle: (theirs: Stored, own: boolean) => void;
}) {
  const { saving } = props;
  switch (saving.kind) {
    case 'conflict':
      return (
        <section role="alert" className="mt-2 border-l-[4.5px] border-ochre py-1 pl-4">
          <h3 className="text-[17px]">Two have written here</h3>
          <p className="text-soft">{saving.why} Nothing is lost; say which is to stand.</p>
          <div className="mt-2 grid grid-cols-2 gap-4">
            <Text title="Theirs" text={saving.theirs.text} />
            <Text title="Yours" text={props.own} />
          </div>
          <div className="mt-3 flex gap-3">
            <button type="button" className="act" onClick={() => props.onSettle(saving.theirs, false)}>
              Take theirs
            </button>
            <button type="button" className="act" onClick={() => props.onSettle(saving.theirs, true)}>
              Keep mine
            </button>
          </div>
        </section>
      );
    case 'unsent':
      return (
        <p role="status" className="mt-1 text-[13px] text-madder">
          Not sent yet, kept in this browser. {saving.why}
        </p>
      );
    case 'refused':
      return (
        <p role="alert" className="mt-1 border-l-[3px] border-madder pl-2 text-[14px] text-madder">
          {saving.why}
        </p>
      );
    default:
      return (
        <p role="status" className="mt-1 text-[13px] text-soft">
          {saving.kind === 'saved' ? 'Saved' : 'Saving …'}
        </p>
      );
  }
}

function Text({ title, text }: { title: string; text: string }) {
  return (
    <div className="min-w-0">
      <p className="margin-heading">{title}</p>
      <pre
        tabIndex={0}
        aria-label={title}
        className="mt-1 max-h-[240px] overflow-auto border border-rule bg-paper p-2 font-code text-[12.5px]"
      >
        {text}
      </pre>
    </div>
  );
}
