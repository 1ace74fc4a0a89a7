import { useEffect, useState, type FormEvent } from 'react';
import { Navigate, useLocation } from 'react-router';
import { useSession, useSignIn } from '../api/session';
import { Mistake } from '../page/Notice';
import { Stroke } from '../verdict/Stroke';

export function SignInPage() {
  const session = useSession();
  const signIn = useSignIn();
  const [login, setLogin] = useState('');
  const [password, setPassword] = useState('');
  const at = useLocation();
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
    signIn.mutate({ login, password });
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
        </form>
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
