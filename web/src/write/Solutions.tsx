import { SOURCES } from './languages';
import { DropdownMenu } from 'radix-ui';
import { useRef, useState, type FormEvent } from 'react';
import type { Api } from '../api/client';
import { runTrial, useRemoveFile, useUpload } from '../api/manuscript';
import type { Sentences } from '../api/notation';
import { inWords } from '../page/count';
import { Confirmed } from '../page/Confirmed';
import { Mistake } from '../page/Notice';
import { useKeys } from '../page/useKeys';
import { Words } from '../page/Words';
import { Stroke } from '../verdict/Stroke';
import { inks, ofFinding, words } from '../verdict/verdict';

type Line = Api<'SolutionLine'>;
type Tried = { trial?: Api<'Trial'>; error?: Error } | 'running';

const verdictWords: Record<Api<'Proof'>['verdict'], string> = {
  ACCEPTED: 'accepted',
  FAULTED: 'faulted',
  UNDECIDED: 'undecided',
};

/**
 * Solutions that prove the exercise: those that must be accepted, and wrong ones with what is to catch each.
 *
 * @param text of the pattern, so that what was tried with another one is told from what holds now
 */
export function Solutions(props: {
  exercise: number;
  solutions: Line[];
  sentences?: Sentences;
  text: string;
  readOnly: boolean;
  beforeTrial: () => Promise<void>;
  onCaughtBy: (name: string, caughtBy: string[]) => void;
}) {
  const { exercise, solutions } = props;
  const [tried, setTried] = useState<Record<string, Tried>>({});
  const [triedWith, setTriedWith] = useState<string>();
  const running = Object.values(tried).some((t) => t === 'running');
  const tryOne = async (path: string) => {
    setTried((t) => ({ ...t, [path]: 'running' }));
    try {
      await props.beforeTrial();
      const trial = await runTrial(exercise, path);
      setTried((t) => ({ ...t, [path]: { trial } }));
    } catch (error) {
      const told = error instanceof Error ? error : new Error(String(error));
      setTried((t) => ({ ...t, [path]: { error: told } }));
    }
  };
  const tryAll = async () => {
    setTriedWith(props.text);
    await Promise.all(solutions.map((s) => tryOne(s.path)));
  };
  useKeys({ t: () => void tryAll() });
  const done = solutions.filter((s) => typeof tried[s.path] === 'object').length;
  const good = solutions.filter((s) => {
    const t = tried[s.path];
    return typeof t === 'object' && t.trial?.proof.isAsExpected;
  }).length;

  return (
    <section id="solutions" aria-labelledby="solutions-heading" className="mt-10 scroll-mt-16">
      <div className="flex items-baseline justify-between border-b border-rule pb-1">
        <h2 id="solutions-heading" className="text-[21px]">
          Solutions that prove it
        </h2>
        {solutions.length > 0 && (
          <button type="button" className="act" disabled={running} onClick={() => void tryAll()}>
            {running ? `Trying: ${done} of ${solutions.length}` : 'Try them all'}{' '}
            <kbd className="key ml-1">t</kbd>
          </button>
        )}
      </div>
      {solutions.length === 0 ? (
        <p className="reading mt-3 max-w-[60ch] text-soft">
          None yet. A reference must be accepted, and typical wrong solutions must be faulted, each for the
          right reason: so you see before your students do what the exercise lets through.
        </p>
      ) : (
        <p role="status" className="reading mt-2 text-soft italic">
          {done === 0
            ? `${inWords(solutions.length)} ${solutions.length === 1 ? 'lies' : 'lie'} in the exercise.`
            : `${inWords(good)} of ${done} ${done === 1 ? 'is' : 'are'} judged as ${done === 1 ? 'it' : 'they'} must be${
                triedWith !== undefined && triedWith !== props.text && !running
                  ? '; the pattern has changed since'
                  : ''
              }.`}
        </p>
      )}
      {solutions.length > 0 && (
        <table className="mt-2 w-full border-collapse text-left">
          <thead>
            <tr className="margin-heading border-b border-rule">
              <th className="py-1 pr-3 font-semibold">Solution</th>
              <th className="pr-3 font-semibold">Must be</th>
              <th className="pr-3 font-semibold">Was found</th>
              <th>
                <span className="sr-only">What to do</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {solutions.map((s) => (
              <Row
                key={s.path}
                line={s}
                tried={tried[s.path]}
                sentences={props.sentences}
                exercise={exercise}
                readOnly={props.readOnly}
                onTry={() => void tryOne(s.path)}
                onCaughtBy={(ids) => props.onCaughtBy(s.name, ids)}
              />
            ))}
          </tbody>
        </table>
      )}
      {!props.readOnly && <NewSolution exercise={exercise} taken={solutions.map((s) => s.path)} />}
    </section>
  );
}

function Row(props: {
  line: Line;
  tried?: Tried;
  sentences?: Sentences;
  exercise: number;
  readOnly: boolean;
  onTry: () => void;
  onCaughtBy: (ids: string[]) => void;
}) {
  const { line, tried } = props;
  const [open, setOpen] = useState(false);
  const remove = useRemoveFile(props.exercise);
  const trial = typeof tried === 'object' ? tried.trial : undefined;
  return (
    <>
      <tr className="border-b border-dotted border-rule align-baseline">
        <td className="py-2 pr-3">
          <code className="font-code text-[13.5px] break-words">{line.path}</code>
          <span className="block text-[13px] text-soft">
            {line.files.length} {line.files.length === 1 ? 'file' : 'files'}
          </span>
        </td>
        <td className="pr-3">
          {line.right ? (
            'accepted'
          ) : (
            <>
              faulted
              <CaughtBy {...props} />
            </>
          )}
        </td>
        <td className="pr-3">
          {tried === undefined && <span className="text-soft">not tried yet</span>}
          {tried === 'running' && <span className="text-soft italic">being tried …</span>}
          {typeof tried === 'object' && tried.error && (
            <span className="text-madder">{tried.error.message}</span>
          )}
          {trial && <Found trial={trial} open={open} onOpen={() => setOpen(!open)} />}
        </td>
        <td className="text-right text-[14px] whitespace-nowrap">
          <button
            type="button"
            className="quiet"
            aria-label={`Try ${line.path}`}
            disabled={tried === 'running'}
            onClick={props.onTry}
          >
            Try
          </button>
          {!props.readOnly && (
            <span className="ml-3">
              <Confirmed
                text="Take away"
                label={`Take away ${line.path}`}
                now="Take it away now"
                onConfirm={() => remove.mutate(`${line.path}/`)}
              />
            </span>
          )}
        </td>
      </tr>
      {open && trial && (
        <tr>
          <td colSpan={4} className="pb-3">
            <Findings trial={trial} />
          </td>
        </tr>
      )}
    </>
  );
}

function Found({ trial, open, onOpen }: { trial: Api<'Trial'>; open: boolean; onOpen: () => void }) {
  const p = trial.proof;
  return (
    <>
      <span className={`font-semibold ${p.isAsExpected ? 'text-verdigris' : 'text-madder'}`}>
        {p.isAsExpected ? 'as it must: ' : 'otherwise: '}
      </span>
      {verdictWords[p.verdict]}
      {p.caught.length > 0 && <span className="text-soft"> by {p.caught.join(', ')}</span>}
      {p.open.length > 0 && <span className="text-slate">; open: {p.open.join(', ')}</span>}
      {p.missed.length > 0 && <span className="text-madder">; not caught by {p.missed.join(', ')}</span>}{' '}
      <button type="button" className="quiet text-[14px]" aria-expanded={open} onClick={onOpen}>
        {open ? 'close' : 'why'}
      </button>
    </>
  );
}

/** What was found in a solution, what does not hold first. */
function Findings({ trial }: { trial: Api<'Trial'> }) {
  const findings = trial.report.findings.filter((f) => f.status !== 'NOT_APPLICABLE');
  const order = ['UNCLEAR', 'UNMET', 'PARTLY', 'MET'];
  return (
    <ul className="border-l-2 border-rule pl-4" aria-label={`Found in ${trial.solution}`}>
      {trial.report.diagnostics.slice(0, 4).map((d, i) => (
        <li key={i} className="py-1 font-read text-[15px] text-soft">
          {d.file && <code className="name">{d.file + (d.line > 0 ? `:${d.line}` : '')}</code>} {d.message}
        </li>
      ))}
      {[...findings]
        .sort((a, b) => order.indexOf(a.status) - order.indexOf(b.status))
        .map((f) => {
          const verdict = ofFinding(f.status);
          return (
            <li key={f.id} className="grid grid-cols-[5px_70px_minmax(0,1fr)] gap-x-3 py-1.5">
              <Stroke verdict={verdict} />
              <span className={`text-[14px] font-semibold ${inks[verdict]}`}>{words[verdict]}</span>
              <span className="min-w-0">
                <span className="font-read text-[16px]">
                  <Words sentence={f.text} />
                </span>{' '}
                <span className="font-read text-[15px] text-soft">
                  <Words sentence={f.explanation} />
                </span>
              </span>
            </li>
          );
        })}
    </ul>
  );
}

/** What is to catch a wrong solution; nothing chosen means anything may. */
function CaughtBy(props: {
  line: Line;
  sentences?: Sentences;
  readOnly: boolean;
  onCaughtBy: (ids: string[]) => void;
}) {
  const chosen = props.line.caughtBy;
  const s = props.sentences;
  const all = s
    ? [
        ...new Set([
          ...s.claims.map((c) => c.id),
          ...s.forms.flatMap((f) => f.claims.map((c) => c.id)),
          ...s.scenarios.map((x) => x.name),
          ...s.runs.map((x) => x.name),
        ]),
      ]
    : [];
  const text = chosen.length === 0 ? 'by anything' : `by ${chosen.join(', ')}`;
  if (props.readOnly) {
    return <span className="block text-[14px] text-soft">{text}</span>;
  }
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger
        aria-label={`What is to catch ${props.line.path}: ${text}`}
        className="block text-left text-[14px] text-soft underline decoration-rule decoration-dashed underline-offset-3 hover:text-ink"
      >
        {text}
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="start"
          collisionPadding={12}
          className="z-20 max-h-[340px] overflow-y-auto border border-ink bg-sheet py-1 text-[14px] shadow-[3px_3px_0_var(--rule)]"
        >
          {all.map((id) => (
            <DropdownMenu.CheckboxItem
              key={id}
              checked={chosen.includes(id)}
              onSelect={(e) => e.preventDefault()}
              onCheckedChange={(on) =>
                props.onCaughtBy(on ? [...chosen, id] : chosen.filter((c) => c !== id))
              }
              className="grid cursor-pointer grid-cols-[18px_1fr] px-3 py-1 outline-none data-[highlighted]:bg-tint"
            >
              <DropdownMenu.ItemIndicator>✓</DropdownMenu.ItemIndicator>
              <span className="col-start-2">{id}</span>
            </DropdownMenu.CheckboxItem>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

/** Puts one more solution in, from source files or a folder of them. */
function NewSolution({ exercise, taken }: { exercise: number; taken: string[] }) {
  const upload = useUpload(exercise);
  const [name, setName] = useState('');
  const [right, setRight] = useState(taken.length === 0);
  const [files, setFiles] = useState<File[]>([]);
  const [missing, setMissing] = useState<Error | null>(null);
  const input = useRef<HTMLInputElement>(null);
  const path = `${right ? 'solutions' : 'wrong'}/${name.trim().replace(/\s+/g, '-')}`;

  function submit(event: FormEvent) {
    event.preventDefault();
    setMissing(null);
    if (name.trim() === '' || files.length === 0) {
      setMissing(new Error(name.trim() === '' ? 'Give it a name.' : 'Choose its source files.'));
      return;
    }
    if (taken.includes(path)) {
      setMissing(new Error(`There is already a solution ${path}. Give this one another name.`));
      return;
    }
    upload.mutate(
      { folder: path, files },
      {
        onSuccess: () => {
          setName('');
          setFiles([]);
          setRight(false);
          if (input.current) {
            input.current.value = '';
          }
        },
      },
    );
  }

  return (
    <form
      onSubmit={submit}
      aria-label="One more solution"
      className="mt-4 flex flex-wrap items-end gap-3"
      noValidate
    >
      <label className="grid justify-items-start text-[14px]">
        One more, named
        <input className="field mt-1 w-[180px]" value={name} onChange={(e) => setName(e.target.value)} />
      </label>
      <label className="grid justify-items-start text-[14px]">
        which must be
        <select
          className="field mt-1 w-auto"
          value={right ? 'accepted' : 'faulted'}
          onChange={(e) => setRight(e.target.value === 'accepted')}
        >
          <option>accepted</option>
          <option>faulted</option>
        </select>
      </label>
      <label className="grid justify-items-start text-[14px]">
        Its sources
        <input
          ref={input}
          type="file"
          multiple
          accept={SOURCES}
          className="chooser mt-1 block"
          onChange={(e) => setFiles([...(e.target.files ?? [])])}
        />
      </label>
      <button type="submit" className="act" disabled={upload.isPending}>
        Put it in
      </button>
      <div className="basis-full">
        <Mistake error={missing ?? upload.error} />
      </div>
    </form>
  );
}
