import { useEffect, useState, type FormEvent } from 'react';
import { Link, useLocation } from 'react-router';
import { useChoosePassword, useWelcome } from '../api/accounts';
import { Mistake, Notice, Waiting } from '../page/Notice';
import { NewPassword } from './NewPassword';

/** Where a link leads that works once: whoever has it chooses a password. */
export function WelcomePage() {
  const token = useLocation().hash.slice(1);
  const account = useWelcome(token);
  const choose = useChoosePassword();
  const [password, setPassword] = useState('');
  useEffect(() => {
    document.title = 'Choose a password · Hausaufgabe';
  }, []);

  function submit(event: FormEvent) {
    event.preventDefault();
    choose.mutate({ token, password });
  }

  return (
    <main className="mx-auto min-h-screen max-w-[560px] border-x border-rule bg-sheet px-12 py-[12vh]">
      <p className="font-read text-[25px] font-bold italic">Hausaufgabe</p>
      {account.isPending && <Waiting what="Looking at the link" />}
      {account.isError && (
        <div className="mt-8">
          <Notice title="This link does not work" text={account.error.message} />
        </div>
      )}
      {account.data &&
        (choose.isSuccess ? (
          <section className="mt-8" role="status">
            <h1 className="text-[25px]">The password is chosen</h1>
            <p className="reading mt-2 text-soft">
              Sign in as <b className="text-ink">{account.data.login}</b> with it. The link has done its work.
            </p>
            <Link to="/sign-in" className="act act-first mt-5 inline-block">
              Sign in
            </Link>
          </section>
        ) : (
          <form className="mt-8" onSubmit={submit} noValidate>
            <h1 className="text-[25px]">Welcome, {account.data.name}</h1>
            <p className="reading mt-2 text-soft">
              You sign in as <b className="text-ink">{account.data.login}</b>. Choose the password for it;
              nobody else gets to see it.
            </p>
            <NewPassword value={password} onChange={setPassword} />
            <Mistake error={choose.error} />
            <button type="submit" className="act act-first mt-5" disabled={choose.isPending}>
              Choose this password
            </button>
          </form>
        ))}
    </main>
  );
}
