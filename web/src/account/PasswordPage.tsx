import { useState, type FormEvent } from 'react';
import { useOwnPassword, useSession, useSignOut } from '../api/session';
import { Mistake } from '../page/Notice';
import { Page } from '../page/Page';
import { ByRole } from '../study/ByRole';
import { StudentPage } from '../study/StudentPage';
import { NewPassword } from './NewPassword';
import { SecondFactor } from './SecondFactor';
import { Tokens } from './Tokens';

/** One's own password, and the end of all sessions under it. */
export function PasswordPage() {
  return (
    <ByRole
      staff={
        <Page title="Your password" crumbs={[{ text: 'Your password' }]}>
          <Password />
        </Page>
      }
      student={
        <StudentPage title="Your password" back={{ text: 'Your exercises', to: '/' }}>
          <Password />
        </StudentPage>
      }
    />
  );
}

function Password() {
  const session = useSession();
  const change = useOwnPassword();
  const everywhere = useSignOut('everywhere');
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
    <div className="mx-auto max-w-[460px] py-4">
      <form onSubmit={submit} noValidate>
        <h1 className="text-[27px]">Your password</h1>
        <p className="reading mt-1 text-soft">
          For the sign-in {session.data?.person?.login}. Wherever else you are signed in, you will have to
          sign in again.
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
      {session.data?.person && session.data.person.role !== 'STUDENT' && <SecondFactor />}
      <Tokens />
      <section aria-labelledby="everywhere" className="mt-10 border-t border-rule pt-4">
        <h2 id="everywhere" className="text-[19px]">
          Signed in elsewhere?
        </h2>
        <p className="reading mt-1 text-soft">
          On a machine that others use, for instance. This signs you out there, and here as well.
        </p>
        <button type="button" className="act mt-3" onClick={() => everywhere.mutate()}>
          Sign out everywhere
        </button>
        <Mistake error={everywhere.error} />
      </section>
    </div>
  );
}
