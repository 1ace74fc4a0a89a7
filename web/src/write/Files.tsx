import { begun, isSource, SOURCES } from './languages';
import { java } from '@codemirror/lang-java';
import { useCallback, useMemo, useRef, useState } from 'react';
import {
  fetchFile,
  saveFile,
  useFile,
  useNewFile,
  useRemoveFile,
  useUpload,
  type Manuscript,
} from '../api/manuscript';
import { Confirmed } from '../page/Confirmed';
import { Mistake, Waiting } from '../page/Notice';
import { CodeEditor } from './CodeEditor';
import { SavingLine } from './SavingLine';
import type { Stored } from './SavedText';
import { useSaved } from './useSaved';

type FileLine = Manuscript['files'][number];

/** The files of one folder of the exercise: to be put in, written in place, and taken away. */
export function Files(props: {
  exercise: number;
  folder: 'starter' | 'tests' | 'images';
  files: FileLine[];
  readOnly: boolean;
  /** What stands where there is no file. */
  none: string;
}) {
  const prefix = `${props.folder}/`;
  const files = props.files.filter((f) => f.path.startsWith(prefix));
  const upload = useUpload(props.exercise);
  const make = useNewFile(props.exercise);
  const input = useRef<HTMLInputElement>(null);
  const [name, setName] = useState('');
  const images = props.folder === 'images';
  return (
    <div>
      {files.length === 0 && <p className="reading mt-2 max-w-[60ch] text-soft">{props.none}</p>}
      <ul aria-label={`Files in ${props.folder}`}>
        {files.map((f) => (
          <File key={f.path} file={f} exercise={props.exercise} readOnly={props.readOnly} image={images} />
        ))}
      </ul>
      {!props.readOnly && (
        <div className="mt-3 flex flex-wrap items-end gap-4">
          <label className="grid justify-items-start text-[14px]">
            {images ? 'Put pictures in' : 'Put files in'}
            <input
              ref={input}
              type="file"
              multiple
              accept={images ? '.png,.jpg,.jpeg,.gif,.webp' : SOURCES}
              className="chooser mt-1 block"
              onChange={(e) => {
                const chosen = [...(e.target.files ?? [])];
                if (chosen.length > 0) {
                  upload.mutate(
                    { folder: props.folder, files: chosen },
                    {
                      onSettled: () => {
                        if (input.current) {
                          input.current.value = '';
                        }
                      },
                    },
                  );
                }
              }}
            />
          </label>
          {!images && (
            <form
              className="flex items-end gap-3"
              aria-label={`New file in ${props.folder}`}
              onSubmit={(e) => {
                e.preventDefault();
                const named = name.trim();
                const path = `${prefix}${named}${isSource(named) ? '' : '.java'}`;
                make.mutate({ path, text: begun(path) }, { onSuccess: () => setName('') });
              }}
            >
              <label className="grid justify-items-start text-[14px]">
                or begin a file
                <input
                  className="field mt-1 w-[240px] font-code text-[13.5px]"
                  placeholder="harbour/Office.java"
                  value={name}
                  onChange={(e) => setName(e.target.value)}
                />
              </label>
              <button type="submit" className="act" disabled={name.trim() === '' || make.isPending}>
                Begin it
              </button>
            </form>
          )}
        </div>
      )}
      {upload.isPending && <Waiting what="Putting them in" />}
      <Mistake error={upload.error ?? make.error} />
    </div>
  );
}

function File(props: { file: FileLine; exercise: number; readOnly: boolean; image: boolean }) {
  const { file } = props;
  const [open, setOpen] = useState(false);
  const remove = useRemoveFile(props.exercise);
  const name = file.path.slice(file.path.indexOf('/') + 1);
  return (
    <li className="border-b border-dotted border-rule py-1.5">
      <div className="flex items-baseline justify-between gap-4">
        {props.image ? (
          <span className="min-w-0">
            <code className="font-code text-[13.5px] break-words">{name}</code>{' '}
            <span className="text-[13px] text-soft">
              in the brief: <code className="font-code">![what it shows]({file.path})</code>
            </span>
          </span>
        ) : (
          <button
            type="button"
            className="min-w-0 text-left hover:underline"
            aria-expanded={open}
            onClick={() => setOpen(!open)}
          >
            <code className="font-code text-[13.5px] break-words">{name}</code>
          </button>
        )}
        {!props.readOnly && (
          <span className="shrink-0 text-[14px]">
            <Confirmed
              text="Take away"
              label={`Take away ${name}`}
              now="Take it away now"
              onConfirm={() => remove.mutate(file.path)}
            />
          </span>
        )}
      </div>
      <Mistake error={remove.error} />
      {open && <OpenFile {...props} />}
    </li>
  );
}

function OpenFile(props: { file: FileLine; exercise: number; readOnly: boolean }) {
  const text = useFile(props.exercise, props.file.path, true);
  if (text.isError) {
    return <Mistake error={text.error} />;
  }
  return text.data ? (
    <WrittenFile {...props} stored={{ text: text.data.text, revision: text.data.revision }} />
  ) : (
    <Waiting what="Fetching the file" />
  );
}

function WrittenFile(props: { file: FileLine; exercise: number; readOnly: boolean; stored: Stored }) {
  const { exercise } = props;
  const path = props.file.path;
  const saved = useSaved(
    `${exercise} ${path}`,
    props.stored,
    useCallback(
      (text: string, revision: number) => saveFile(exercise, path, text, revision),
      [exercise, path],
    ),
    useCallback(() => fetchFile(exercise, path), [exercise, path]),
  );
  const language = useMemo(() => java(), []);
  return (
    <div className="my-2">
      <CodeEditor
        label={path}
        value={saved.text}
        onChange={props.readOnly ? undefined : saved.change}
        extensions={language}
        numbers
      />
      {!props.readOnly && <SavingLine saving={saved.saving} own={saved.text} onSettle={saved.settle} />}
    </div>
  );
}
