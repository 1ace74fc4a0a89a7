import { useState, type FormEvent } from 'react';
import { useOwnPassword, useSession } from '../api/session';
import { Mistake } from '../page/Notice';
import { Page } from '../page/Page';
import { NewPassword } from './NewPassword';

/** One's own password. */
export function PasswordPage() {
  const session = useSession();
  const change = useOwnPassword();
  const [before, setBefore] = useState('');
  const [after, setAfter] = useState('');

  function submit(event: FormEvent) {
    event.preventDefault();
    change.mutate(
      { before, after },
      {
        onSuccess: () => {
          setBefore('');
          setAfter('');
        },
      },
    );
  }

  return (
    <Page title="Your password" crumbs={[{ text: 'Your password' }]}>
      <form onSubmit={submit} className="mx-auto max-w-[460px] py-4" noValidate>
        <h1 className="text-[27px]">Your password</h1>
        <p className="reading mt-1 text-soft">
          For the sign-in {session.data?.staff?.login}. Wherever else you are signed in, you will have to sign
          in again.
        </p>
        <label className="mt-5 block font-semibold" htmlFor="password-before">
          Password you have now
        </label>
        <input
          id="password-before"
          type="password"
          className="field mt-1"
          autoComplete="current-password"
          value={before}
          onChange={(e) => setBefore(e.target.value)}
        />
        <NewPassword value={after} onChange={setAfter} />
        <Mistake error={change.error} />
        {change.isSuccess && (
          <p role="status" className="mt-2 border-l-[3px] border-verdigris pl-2 text-[14px] text-verdigris">
            Changed. From now on the new one counts.
          </p>
        )}
        <button type="submit" className="act act-first mt-5" disabled={change.isPending}>
          Change it
        </button>
      </form>
    </Page>
  );
}
