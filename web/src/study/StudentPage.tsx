import { useEffect, type ReactNode } from 'react';
import { Link } from 'react-router';
import { useSession, useSignOut } from '../api/session';

/** A page of a student's: one column that fits a telephone, with the way back on top. */
export function StudentPage(props: {
  title: string;
  back?: { text: string; to: string };
  children: ReactNode;
}) {
  const session = useSession();
  const signOut = useSignOut();
  const person = session.data?.person;
  useEffect(() => {
    document.title = `${props.title} · Hausaufgabe`;
  }, [props.title]);
  return (
    <div className="min-h-screen">
      <a href="#sheet" className="sr-only focus:not-sr-only focus:absolute focus:bg-sheet focus:p-2">
        Go to the sheet
      </a>
      <header className="border-b border-rule bg-paper">
        <div className="mx-auto flex max-w-[820px] flex-wrap items-baseline gap-x-5 gap-y-1 px-4 py-3 sm:px-8">
          <Link to="/" className="font-read text-[19px] font-bold italic">
            Hausaufgabe
          </Link>
          <span className="flex-1" />
          {person && (
            <Link to="/password" className="text-soft hover:text-ink hover:underline" title="Your password">
              {person.name}
            </Link>
          )}
          <button type="button" className="quiet text-[14px]" onClick={() => signOut.mutate()}>
            Sign out
          </button>
        </div>
      </header>
      <main
        id="sheet"
        className="mx-auto min-h-[calc(100vh-52px)] max-w-[820px] bg-sheet px-4 py-6 sm:border-x sm:border-rule sm:px-8"
      >
        {props.back && (
          <p className="mb-3 text-[14px]">
            <Link to={props.back.to} className="quiet">
              ← {props.back.text}
            </Link>
          </p>
        )}
        {props.children}
      </main>
    </div>
  );
}
