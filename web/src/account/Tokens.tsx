import { useState, type FormEvent } from 'react';
import { useMakeToken, useRevokeToken, useTokens } from '../api/git';
import { Confirmed } from '../page/Confirmed';
import { Moment } from '../page/Moment';
import { Mistake } from '../page/Notice';

/** The secrets that programs such as git sign in with in place of the password. */
export function Tokens() {
  const tokens = useTokens();
  const make = useMakeToken();
  const revoke = useRevokeToken();
  const [label, setLabel] = useState('');

  function submit(event: FormEvent) {
    event.preventDefault();
    make.mutate(label, { onSuccess: () => setLabel('') });
  }

  return (
    <section aria-labelledby="tokens" className="mt-10 border-t border-rule pt-4">
      <h2 id="tokens" className="text-[19px]">
        Tokens for git
      </h2>
      <p className="reading mt-1 text-soft">
        A token stands for your password where a program has to keep it. Each can be taken back by itself.
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
                made <Moment at={t.madeAt} />,{' '}
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
        <button type="submit" className="act" disabled={make.isPending || !label.trim()}>
          Make a token
        </button>
      </form>
      <Mistake error={make.error} />
    </section>
  );
}
