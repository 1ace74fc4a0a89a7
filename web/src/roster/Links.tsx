import { useState } from 'react';
import type { Api } from '../api/client';
import { linkOf } from '../api/accounts';

type StudentLink = Api<'StudentLink'>;

/** A cell of CSV that no spreadsheet takes for a formula. */
export function cell(text: string): string {
  const safe = /^[=+\-@\t\r]/.test(text) ? `'${text}` : text;
  return /[",\n\r]/.test(safe) ? `"${safe.replaceAll('"', '""')}"` : safe;
}

function csv(links: StudentLink[]): string {
  const rows = links
    .filter((l) => l.token)
    .map((l) => [l.student.number, l.student.name, l.student.email, l.login, linkOf(l.token!)]);
  return [['number', 'name', 'email', 'sign-in', 'link'], ...rows]
    .map((r) => r.map(cell).join(','))
    .join('\r\n');
}

/** The links that were just made. They are told this once, since only what they hash to is kept. */
export function Links({ links, onDone }: { links: StudentLink[]; onDone: () => void }) {
  const [taken, setTaken] = useState(false);
  const made = links.filter((l) => l.token);
  const failed = links.filter((l) => l.problem);

  function take() {
    const address = URL.createObjectURL(new Blob([csv(links)], { type: 'text/csv;charset=utf-8' }));
    const a = document.createElement('a');
    a.href = address;
    a.download = 'links.csv';
    a.click();
    URL.revokeObjectURL(address);
    setTaken(true);
  }

  return (
    <section role="status" aria-label="Links" className="mt-5 border-l-[4.5px] border-slate py-1 pl-5">
      <h2 className="text-[19px]">
        {made.length === 1 ? `A link for ${made[0]!.student.name}` : `${made.length} links`}
      </h2>
      <p className="reading mt-1 max-w-[62ch] text-soft">
        By {made.length === 1 ? 'it' : 'theirs'}{' '}
        {made.length === 1 ? 'a password is chosen' : 'all choose their passwords'}, once, within seven days.{' '}
        {made.length === 1 ? 'It is' : 'They are'} shown now and never again; links made before no longer
        work.
      </p>
      {made.length === 1 && (
        <p className="mt-2 break-all">
          Sign-in <b>{made[0]!.login}</b>, link <code className="name">{linkOf(made[0]!.token!)}</code>
        </p>
      )}
      {failed.length > 0 && (
        <ul className="mt-2 text-[14px] text-madder">
          {failed.map((l) => (
            <li key={l.student.id}>
              {l.student.name}: {l.problem}
            </li>
          ))}
        </ul>
      )}
      <div className="mt-3 flex gap-4">
        {made.length > 1 && (
          <button type="button" className="act act-first" onClick={take}>
            Take them as CSV, for your mail
          </button>
        )}
        <button
          type="button"
          className="quiet"
          disabled={made.length > 1 && !taken}
          title={made.length > 1 && !taken ? 'Take them first' : undefined}
          onClick={onDone}
        >
          {made.length > 1 && !taken ? 'Take them before this is put away' : 'Put this away'}
        </button>
      </div>
    </section>
  );
}
