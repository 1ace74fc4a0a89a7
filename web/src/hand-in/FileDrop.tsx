import { useId, useRef, useState, type DragEvent } from 'react';
import type { Chosen } from '../api/client';
import { chosenIn, dropped } from './chosen';

/**
 * A place to choose files, a folder or an archive, or to drop them.
 *
 * @param what what is to be chosen, in words
 * @param accept endings of single files that are offered
 */
export function FileDrop(props: {
  label: string;
  what: string;
  accept: string;
  busy?: boolean;
  onChosen: (files: Chosen[]) => void;
}) {
  const files = useRef<HTMLInputElement>(null);
  const folder = useRef<HTMLInputElement>(null);
  const [over, setOver] = useState(false);
  const id = useId();

  function drop(event: DragEvent) {
    event.preventDefault();
    setOver(false);
    void dropped(event.dataTransfer).then(props.onChosen);
  }

  function chosen(input: HTMLInputElement) {
    const all = chosenIn(input.files);
    if (all.length > 0) {
      props.onChosen(all);
    }
    // the same may be chosen once more
    input.value = '';
  }

  return (
    <section
      aria-label={props.label}
      onDragOver={(e) => {
        e.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={drop}
      className={`rounded-[3px] border border-dashed p-4 ${over ? 'border-ink bg-tint' : 'border-soft'}`}
    >
      <p id={id} className="text-[14px] text-soft">
        {props.what}
      </p>
      <div className="mt-3 flex flex-wrap gap-3">
        <button type="button" className="act" disabled={props.busy} onClick={() => files.current?.click()}>
          Choose files
        </button>
        <button type="button" className="act" disabled={props.busy} onClick={() => folder.current?.click()}>
          Choose a folder
        </button>
      </div>
      <input
        ref={files}
        type="file"
        multiple
        accept={props.accept}
        aria-label={`${props.label}: files`}
        aria-describedby={id}
        tabIndex={-1}
        className="sr-only"
        onChange={(e) => chosen(e.currentTarget)}
      />
      <input
        ref={folder}
        type="file"
        // @ts-expect-error known to browsers, and not to the types
        webkitdirectory=""
        aria-label={`${props.label}: a folder`}
        aria-describedby={id}
        tabIndex={-1}
        className="sr-only"
        onChange={(e) => chosen(e.currentTarget)}
      />
    </section>
  );
}
