import { useState, type FormEvent } from 'react';
import { useMakeToken, useRevokeToken, useTokens } from '../api/git';
import { Confirmed } from '../page/Confirmed';
import { Moment } from '../page/Moment';
import { Link } from 'react-router';
import type { Api } from '../api/client';
import { useSession } from '../api/session';
import { Mistake } from '../page/Notice';

type Scope = Api<'TokenLine'>['scopes'][number];

/** What a token can be good for, in words; for staff and for students. */
const forStaff: [Scope, string][] = [
  ['GIT', 'fetch and push by git'],
  ['READ', 'read courses, submissions and grades'],
  ['HAND_IN', 'hand in for students'],
  ['MARK', 'give points and feedback'],
  ['SET_EXERCISES', 'set exercises, share out, give back'],
  ['LEAD_COURSE', 'say who is in a course'],
  ['WATCH', 'read how the server is'],
];
const forStudents: [Scope, string][] = [
  ['GIT', 'fetch and push by git'],
  ['STUDY', 'hand in and read what is mine'],
];

/** The secrets that programs such as git sign in with in place of the password. */
export function Tokens() {
  const tokens = useTokens();
  const make = useMakeToken();
  const revoke = useRevokeToken();
  const [label, setLabel] = useState('');
  const [scopes, setScopes] = useState<Scope[]>(['GIT']);
  const student = useSession().data?.person?.role === 'STUDENT';
  const lead = useSession().data?.person?.role === 'LEAD';
  const choices = student ? forStudents : forStaff.filter(([scope]) => lead || scope !== 'WATCH');
  const words = new Map([...forStaff, ...forStudents]);

  function submit(event: FormEvent) {
    event.preventDefault();
    make.mutate(
      { label, scopes },
      {
        onSuccess: () => {
          setLabel('');
          setScopes(['GIT']);
        },
      },
    );
  }

  return (
    <section aria-labelledby="tokens" className="mt-10 border-t border-rule pt-4">
      <h2 id="tokens" className="text-[19px]">
        Tokens for programs
      </h2>
      <p className="reading mt-1 text-soft">
        A token stands for your password where a program has to keep it: git, or one that asks by HTTP. It
        never allows more than you may do, and each can be taken back by itself.{' '}
        {!student && (
          <Link className="quiet" to="/programs">
            What programs can ask
          </Link>
        )}
      </p>
      {make.data && (
        <div role="status" className="mt-3 border-l-[4.5px] border-slate py-1 pl-4">
          <p className="font-semibold">{make.data.token.label}</p>
          <code className="name break-all" aria-label="The new token">
            {make.data.secret}
          </code>
          <p className="text-[14px] text-soft">
            It is shown now and never again.{' '}
            <button type="button" className="quiet" onClick={() => make.reset()}>
              Put it away
            </button>
          </p>
        </div>
      )}
      <Mistake error={tokens.error ?? revoke.error} />
      <ul className="mt-2">
        {tokens.data?.map((t) => (
          <li key={t.id} className="border-b border-dotted border-rule py-2">
            <span>
              <span className="block break-words">{t.label}</span>
              <span className="text-[14px] text-soft">
                may {t.scopes.map((s) => words.get(s)).join('; ')}; made <Moment at={t.madeAt} />,{' '}
                {t.usedAt ? (
                  <>
                    last used <Moment at={t.usedAt} />
                  </>
                ) : (
                  'not used yet'
                )}
                .
              </span>
            </span>{' '}
            <span className="text-[14px]">
              <Confirmed
                text="Take it back"
                now="Take this one back"
                about={<span className="text-soft">Whatever signs in with it no longer can.</span>}
                onConfirm={() => revoke.mutate(t.id)}
              />
            </span>
          </li>
        ))}
      </ul>
      <form onSubmit={submit} className="mt-3 flex flex-wrap items-end gap-3" noValidate>
        <label className="min-w-0 flex-1">
          <span className="block font-semibold">What it is for</span>
          <input
            className="field mt-1"
            value={label}
            maxLength={120}
            placeholder="my laptop"
            onChange={(e) => setLabel(e.target.value)}
          />
        </label>
        <fieldset className="w-full min-w-0">
          <legend className="font-semibold">What it may do</legend>
          <span className="flex flex-wrap gap-x-5">
            {choices.map(([scope, text]) => (
              <label key={scope} className="flex min-h-[26px] items-center gap-2">
                <input
                  type="checkbox"
                  checked={scopes.includes(scope)}
                  onChange={(e) =>
                    setScopes(e.target.checked ? [...scopes, scope] : scopes.filter((x) => x !== scope))
                  }
                />
                {text}
              </label>
            ))}
          </span>
        </fieldset>
        <button
          type="submit"
          className="act"
          disabled={make.isPending || !label.trim() || scopes.length === 0}
        >
          Make a token
        </button>
      </form>
      <Mistake error={make.error} />
    </section>
  );
}
