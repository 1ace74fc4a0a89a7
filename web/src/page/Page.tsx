import { useEffect, type CSSProperties, type ReactNode } from 'react';
import { Link } from 'react-router';
import { useConnected } from '../api/presence';
import { useSession, useSignOut } from '../api/session';

/** Margins stay in view while the sheet is read, and scroll by themselves when they hold more. */
const margin =
  'py-5 text-[14px] min-[900px]:sticky min-[900px]:top-[50px] min-[900px]:max-h-[calc(100vh-50px)] min-[900px]:self-start min-[900px]:overflow-y-auto min-[900px]:py-6';

/** A step on the way from the course to where one is; the last has no address. */
export type Crumb = { text: string; to?: string };

/**
 * A page: running head on top, left margin for whose it is and what is on it, the sheet in the middle, right margin for
 * the person's voice. A page without a right margin gives its sheet the room. Where there is little room, one comes below
 * the other.
 */
export function Page(props: {
  title: string;
  crumbs: Crumb[];
  next?: ReactNode;
  left?: ReactNode;
  right?: ReactNode;
  children: ReactNode;
}) {
  useEffect(() => {
    document.title = `${props.title} · Hausaufgabe`;
  }, [props.title]);
  const columns = [props.left && '212px', 'minmax(0,1fr)', props.right && '286px'].filter(Boolean).join(' ');
  return (
    <div className="flex min-h-screen flex-col">
      <a href="#sheet" className="sr-only focus:not-sr-only focus:absolute focus:bg-sheet focus:p-2">
        Go to the sheet
      </a>
      <RunningHead crumbs={props.crumbs} next={props.next} />
      <Unconnected />
      <div
        className="mx-auto grid w-full max-w-[1500px] flex-1 grid-cols-[minmax(0,1fr)] content-start min-[900px]:grid-cols-(--columns) min-[900px]:content-stretch"
        style={{ '--columns': columns } as CSSProperties}
      >
        {props.left && (
          <aside aria-label="What is here" className={`${margin} px-4 min-[900px]:px-5 min-[900px]:pl-8`}>
            {props.left}
          </aside>
        )}
        <main
          id="sheet"
          className="border-y border-rule bg-sheet px-4 py-6 min-[900px]:border-x min-[900px]:border-y-0 min-[900px]:px-[34px]"
        >
          {props.children}
        </main>
        {props.right && (
          <aside aria-label="What you do" className={`${margin} px-4 min-[900px]:px-6`}>
            {props.right}
          </aside>
        )}
      </div>
    </div>
  );
}

/** Said while no news comes in: what stands here may be old, and what is written is not sent. */
function Unconnected() {
  const connected = useConnected();
  return (
    <p
      role="status"
      className={
        connected
          ? 'sr-only'
          : 'border-b border-ochre bg-sheet px-4 py-1.5 text-[14px] text-ochre min-[900px]:px-8'
      }
    >
      {!connected &&
        'The server cannot be reached. What others change does not come in, and what you write stays in this browser, unsent, until it can.'}
    </p>
  );
}

function RunningHead({ crumbs, next }: { crumbs: Crumb[]; next?: ReactNode }) {
  const session = useSession();
  const signOut = useSignOut();
  const staff = session.data?.person;
  return (
    <header className="top-0 z-10 flex flex-wrap items-center gap-x-6 gap-y-1 border-b border-rule bg-paper px-4 py-3 whitespace-nowrap min-[900px]:sticky min-[900px]:flex-nowrap min-[900px]:px-8">
      <Link to="/" className="font-read text-[19px] font-bold italic">
        Hausaufgabe
      </Link>
      <nav
        aria-label="Where you are"
        className="flex min-w-0 flex-1 basis-[60%] items-center gap-2 text-soft min-[900px]:basis-0"
      >
        {crumbs.map((c, i) => (
          <span
            key={i}
            className={`flex min-w-0 gap-2 ${i === crumbs.length - 1 ? 'shrink' : 'max-w-[45%] shrink-[2]'}`}
          >
            {i > 0 && <span aria-hidden>/</span>}
            {c.to ? (
              <Link to={c.to} title={c.text} className="truncate hover:text-ink hover:underline">
                {c.text}
              </Link>
            ) : (
              <span className="truncate font-semibold text-ink">{c.text}</span>
            )}
          </span>
        ))}
      </nav>
      <div className="flex flex-wrap items-center gap-x-5 gap-y-1 text-soft">
        {next}
        {staff && (
          <>
            <Link to="/patterns/observer" className="hover:text-ink hover:underline">
              Patterns
            </Link>
            {staff.role === 'LEAD' && (
              <Link to="/accounts" className="hover:text-ink hover:underline">
                Accounts
              </Link>
            )}
            <Link to="/password" className="hover:text-ink hover:underline" title="Your password">
              {staff.name}
            </Link>
            <button type="button" className="quiet text-[14px]" onClick={() => signOut.mutate()}>
              Sign out
            </button>
          </>
        )}
      </div>
    </header>
  );
}
