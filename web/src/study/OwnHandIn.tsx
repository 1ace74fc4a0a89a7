import { useState } from 'react';
import { Link } from 'react-router';
import type { Api, Chosen } from '../api/client';
import { useOwnHandIn, usePreview } from '../api/study';
import { FileDrop } from '../hand-in/FileDrop';
import { inList } from '../hand-in/endings';
import { exactTime } from '../page/time';
import { Mistake, Waiting } from '../page/Notice';
import { shortHash } from './standing';

/** Handing in: choose, see what was read, and only then it counts. */
export function OwnHandIn({ exercise }: { exercise: Api<'OwnExerciseView'> }) {
  const [files, setFiles] = useState<Chosen[]>([]);
  const preview = usePreview(exercise.id);
  const handIn = useOwnHandIn(exercise.id);
  const seen = preview.data;

  function choose(chosen: Chosen[]) {
    handIn.reset();
    setFiles(chosen);
    preview.mutate(chosen);
  }

  if (handIn.data) {
    return (
      <Receipt
        attempt={handIn.data}
        onMore={
          exercise.terms.attemptsLeft === 0
            ? undefined
            : () => {
                handIn.reset();
                preview.reset();
                setFiles([]);
              }
        }
      />
    );
  }
  return (
    <section aria-labelledby="hand-in" className="mt-8">
      <h2 id="hand-in" className="scroll-mt-4 border-b border-rule pb-1 text-[21px]">
        Hand in
      </h2>
      <div className="mt-3">
        <FileDrop
          label="Your work"
          what={`The ${inList(exercise.endings)} files, their folder, or one .zip or .tar.gz. They can be dropped here. You see what was read before it counts.`}
          accept={[...exercise.endings, '.zip', '.tar', '.gz', '.tgz'].join(',')}
          busy={preview.isPending || handIn.isPending}
          onChosen={choose}
        />
      </div>
      {preview.isPending && (
        <div className="mt-3">
          <Waiting what={`Reading ${files.length === 1 ? files[0]!.path : `${files.length} files`}`} />
        </div>
      )}
      <Mistake error={preview.error} />
      {seen && !preview.isPending && (
        <>
          <Seen preview={seen} />
          <Mistake error={handIn.error} />
          <div className="mt-4 flex flex-wrap items-center gap-4">
            <button
              type="button"
              className="act act-first"
              disabled={handIn.isPending}
              onClick={() => handIn.mutate({ files, hash: seen.hash })}
            >
              {handIn.isPending ? 'Handing in …' : seen.late ? 'Hand it in late' : 'Hand it in'}
            </button>
            <button type="button" className="quiet" onClick={() => preview.reset()}>
              Choose something else
            </button>
          </div>
        </>
      )}
    </section>
  );
}

/** What was read of the files, before it counts. */
function Seen({ preview: p }: { preview: Api<'Preview'> }) {
  const types = p.types?.types ?? [];
  const problems = [...(p.types?.problems ?? []), ...p.remarks];
  return (
    <div role="status" className="mt-4 border-l-[3px] border-slate pl-4">
      <p className="reading">
        {p.files.length === 1 ? 'One file was read' : `${p.files.length} files were read`}
        {p.types &&
          (types.length === 0
            ? ', and no type was found in ' + (p.files.length === 1 ? 'it' : 'them')
            : `, with ${types.length === 1 ? 'one type' : `${types.length} types`}`)}
        .
      </p>
      {types.length > 0 && (
        <ul className="mt-2 flex flex-wrap gap-x-4 gap-y-1 text-[14px]">
          {types.map((t) => (
            <li key={`${t.file}:${t.line}:${t.name}`}>
              <span className="text-soft">{t.kind}</span>{' '}
              <code className="name" title={`${t.file}, line ${t.line}`}>
                {t.name}
              </code>
            </li>
          ))}
        </ul>
      )}
      {!p.types && (
        <p className="mt-2 text-[14px] text-soft">
          Much is being checked at the moment, so the types in it could not be listed. It can be handed in all
          the same.
        </p>
      )}
      {p.leftOut.length > 0 && (
        <details className="mt-3" open={p.leftOut.length <= 4}>
          <summary className="quiet w-fit text-[14px]">
            {p.leftOut.length === 1 ? 'One was left out' : `${p.leftOut.length} were left out`}
          </summary>
          <ul className="mt-1 text-[14px]">
            {p.leftOut.map((l) => (
              <li key={l.path} className="break-words">
                <code className="name">{l.path}</code> <span className="text-soft">{l.why}.</span>
              </li>
            ))}
          </ul>
        </details>
      )}
      {problems.length > 0 && (
        <div className="mt-3">
          <p className="text-[14px] font-semibold text-ochre">
            {(p.types?.problems.length ?? 0) > 0
              ? 'It does not compile. It can be handed in so, and nothing of it can be run then.'
              : 'Noticed in reading it'}
          </p>
          <ul className="mt-1 text-[14px]">
            {problems.slice(0, 8).map((d, i) => (
              <li key={i} className="break-words">
                {d.file && (
                  <code className="name">
                    {d.file}
                    {d.line > 0 && `:${d.line}`}
                  </code>
                )}{' '}
                {d.message}
              </li>
            ))}
            {problems.length > 8 && <li className="text-soft">and {problems.length - 8} more</li>}
          </ul>
        </div>
      )}
      {p.again !== undefined && (
        <p className="mt-3 text-[14px] font-semibold text-slate">
          This is just what you handed in as attempt {p.again}; handing it in again makes no further attempt.
        </p>
      )}
      {p.late && (
        <p className="mt-3 text-[14px] font-semibold text-ochre">
          The deadline is over; this counts as late.
        </p>
      )}
    </div>
  );
}

function Receipt({ attempt: a, onMore }: { attempt: Api<'OwnAttempt'>; onMore?: () => void }) {
  return (
    <section aria-labelledby="receipt" role="status" className="mt-8 border-l-[4.5px] border-verdigris pl-5">
      <h2 id="receipt" className="text-[21px]">
        Handed in as attempt {a.attempt}
        {a.late && <span className="text-ochre"> (late)</span>}
      </h2>
      <p className="reading mt-1">
        {exactTime(a.uploadedAt)}. Its mark is <code className="name">{shortHash(a.hash)}</code>: whoever has
        the same mark has the same files.
      </p>
      <p className="mt-3 flex flex-wrap gap-4">
        <Link to={`/submissions/${a.id}`} className="act act-first">
          Open the receipt
        </Link>
        {onMore && (
          <button type="button" className="quiet" onClick={onMore}>
            Hand in once more
          </button>
        )}
      </p>
    </section>
  );
}
