import { useEffect, useState, type FormEvent } from 'react';
import { Navigate, useLocation, useSearchParams } from 'react-router';
import { CodeField } from '../account/CodeField';
import { useSession, useSignIn } from '../api/session';
import { Mistake } from '../page/Notice';
import { Stroke } from '../verdict/Stroke';

/** Why somebody came back from the provider outside without being signed in. */
const refusals: Record<string, string> = {
  unknown: 'Nobody here has the sign-in that you have there. Ask the lead of your course to add you.',
  disabled: 'Your account here was taken away. Ask the lead of your course.',
  other:
    'The account with your sign-in belongs to somebody else there. Ask the lead to let go of the old one.',
  cancelled: 'You were not signed in there. Try again, or use your password.',
  failed: 'That did not work just now. Try again, or use your password; the server’s log says more.',
};

export function SignInPage() {
  const session = useSession();
  const signIn = useSignIn();
  const [login, setLogin] = useState('');
  const [password, setPassword] = useState('');
  const [code, setCode] = useState('');
  const at = useLocation();
  const [query] = useSearchParams();
  const asksCode = signIn.data?.codeNeeded || (signIn.isPending && code) || (signIn.isError && code);
  const outside = session.data?.outside;
  const refused = refusals[query.get('outside') ?? ''];
  const before = at.state as { from?: string; of?: string } | null;
  useEffect(() => {
    document.title = 'Sign in · Hausaufgabe';
  }, []);
  const staff = session.data?.person;
  if (staff) {
    const comesBack = before?.of === undefined || before.of === staff.login;
    return <Navigate to={comesBack ? (before?.from ?? '/') : '/'} replace />;
  }

  function submit(event: FormEvent) {
    event.preventDefault();
    signIn.mutate({ login, password, code: code || undefined });
  }

  function beginAgain() {
    setPassword('');
    setCode('');
    signIn.reset();
  }

  return (
    <div className="grid min-h-screen md:grid-cols-[minmax(0,1fr)_420px]">
      <div className="hidden flex-col justify-center px-[8vw] md:flex">
        <p className="font-read text-[42px] leading-tight font-bold italic">Hausaufgabe</p>
        <p className="reading mt-3 max-w-[46ch] text-soft">
          Who plays which role, what holds, whether it behaves, and why it earned its points: read from top to
          bottom, with the lines it rests on.
        </p>
        <Sample />
      </div>
      <main className="flex flex-col justify-center border-rule bg-sheet px-6 md:border-l md:px-12">
        <form onSubmit={submit} aria-labelledby="sign-in" noValidate>
          <h1 id="sign-in" className="text-[25px]">
            Sign in
          </h1>
          {refused && (
            <p role="alert" className="mt-4 border-l-[3px] border-madder pl-2 text-[14px] text-madder">
              {refused}
            </p>
          )}
          {asksCode ? (
            <>
              <p className="reading mt-3 text-soft">
                The password is right. Now the code that your device shows, or one of your recovery codes.
              </p>
              <CodeField id="code" label="Code" value={code} onChange={setCode} />
              <Mistake error={signIn.error} />
              <button
                type="submit"
                className="act act-first mt-6"
                disabled={signIn.isPending || !code.trim()}
              >
                {signIn.isPending ? 'Signing in …' : 'Sign in'}
              </button>{' '}
              <button type="button" className="quiet ml-4 text-[14px]" onClick={beginAgain}>
                Somebody else
              </button>
            </>
          ) : (
            <>
              <label className="mt-6 block font-semibold" htmlFor="login">
                Your sign-in
              </label>
              <input
                id="login"
                className="field mt-1"
                autoComplete="username"
                autoCapitalize="none"
                value={login}
                onChange={(e) => setLogin(e.target.value)}
              />
              <label className="mt-4 block font-semibold" htmlFor="password">
                Password
              </label>
              <input
                id="password"
                type="password"
                className="field mt-1"
                autoComplete="current-password"
                value={password}
                onChange={(e) => setPassword(e.target.value)}
              />
              <Mistake error={signIn.error} />
              <button type="submit" className="act act-first mt-6" disabled={signIn.isPending}>
                {signIn.isPending ? 'Signing in …' : 'Sign in'}
              </button>
            </>
          )}
        </form>
        {outside && !asksCode && (
          <p className="mt-6 border-t border-rule pt-4">
            <a className="act inline-block" href={outside.address}>
              Sign in with {outside.name}
            </a>
          </p>
        )}
        <p className="mt-10 text-[14px] text-soft">
          Staff and students begin with a link that the course’s lead gives them, and choose a password by it.
        </p>
      </main>
    </div>
  );
}

/** Two claims as they stand on a submission's page, to say what this is. */
function Sample() {
  return (
    <div aria-hidden className="mt-10 max-w-[560px] border-t border-rule">
      {(
        [
          ['MISSING', 'missing', 'The ferry office leaves the work to its timetable.'],
          ['MET', 'met', 'The ferry office is given its timetable from outside.'],
        ] as const
      ).map(([verdict, word, text]) => (
        <div key={word} className="flex gap-3 border-b border-rule py-4">
          <Stroke verdict={verdict} />
          <span
            className={`w-[74px] text-[14px] font-semibold ${verdict === 'MET' ? 'text-verdigris' : 'text-madder'}`}
          >
            {word}
          </span>
          <span className="reading">{text}</span>
        </div>
      ))}
    </div>
  );
}
