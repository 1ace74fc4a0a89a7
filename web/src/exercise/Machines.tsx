import type { Api } from '../api/client';
import { useWorkers } from '../api/queue';
import { counted } from '../page/count';

type Machine = Api<'WorkerLine'>;

/** Which machines make the checks, where it is not just the server's own. */
export function Machines() {
  const workers = useWorkers();
  if (!workers.data) {
    return null;
  }
  const fit = workers.data.filter((w) => w.fits);
  const odd = workers.data.filter((w) => !w.fits);
  if (odd.length === 0 && fit.length === 1 && fit[0]?.here) {
    return null;
  }
  return (
    <div className="mt-1 text-[13px]">
      {fit.length === 0 ? (
        <p className="font-semibold text-madder">
          No machine is there to check. What waits is kept, and goes on when a worker comes.
        </p>
      ) : (
        <details>
          <summary className="cursor-pointer text-soft">{said(fit)}</summary>
          <ul className="mt-1">
            {fit.map((w) => (
              <li key={w.id} className="break-words">
                {w.here ? 'The server itself' : w.name}: {w.doing} of {w.size} at a time,{' '}
                {counted(w.made, 'check')} so far
              </li>
            ))}
          </ul>
        </details>
      )}
      {odd.map((w) => (
        <p key={w.id} className="break-words text-madder">
          {w.name} runs another version of the program and gets nothing. Bring it up to date.
        </p>
      ))}
    </div>
  );
}

/** How many machines check, and how much at a time: "3 machines, 8 at a time". */
export function said(machines: Machine[]): string {
  const size = machines.reduce((sum, m) => sum + m.size, 0);
  return `${counted(machines.length, 'machine')}, ${size} at a time`;
}
