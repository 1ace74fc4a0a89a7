import { useState } from 'react';
import { Link } from 'react-router';
import type { Api } from '../api/client';
import { useSession } from '../api/session';

/** The other way of handing in: one's own repository, in the lines that a shell takes. */
export function ByGit({ exercise: e }: { exercise: Api<'OwnExerciseView'> }) {
  const session = useSession();
  const [copied, setCopied] = useState(false);
  const line = `git clone ${window.location.origin}${e.repository} ${folder(e.title)}`;
  return (
    <details className="mt-4" open={e.steps}>
      <summary className="quiet w-fit">Hand in by git</summary>
      <div className="mt-2 border-l-[3px] border-rule pl-4">
        <p className="reading">
          You have a repository here{e.starter ? ', with the code to begin with in it' : ''}. Each push to its
          branch <code className="name">main</code> is an attempt, and tells you what was found.
          {e.steps && (
            <b className="font-semibold">
              {' '}
              This exercise asks for small safe steps: every commit is checked, so commit whenever all is
              well.
            </b>
          )}
        </p>
        <p className="mt-2 flex items-start gap-3">
          <code className="min-w-0 flex-1 bg-tint px-2 py-1.5 font-code text-[13px] break-all">{line}</code>
          <button
            type="button"
            className="act shrink-0"
            onClick={() =>
              void navigator.clipboard?.writeText(line).then(
                () => setCopied(true),
                () => setCopied(false),
              )
            }
          >
            {copied ? 'Copied' : 'Copy'}
          </button>
        </p>
        <p className="mt-1 text-[14px] text-soft">
          Sign in as <b>{session.data?.person?.login}</b> with your password, or with a token that you{' '}
          <Link to="/password" className="quiet">
            make here
          </Link>
          .
        </p>
      </div>
    </details>
  );
}

/** A folder's name that every shell takes. */
export function folder(title: string): string {
  const plain = title
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '');
  return plain || 'work';
}
