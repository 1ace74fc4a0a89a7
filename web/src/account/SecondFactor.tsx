import { useState, type FormEvent } from 'react';
import type { Api } from '../api/client';
import { useConfirmFactor, useEndFactor, useFactor, useOfferFactor, useRenewCodes } from '../api/factor';
import { inWords } from '../page/count';
import { Moment } from '../page/Moment';
import { Mistake } from '../page/Notice';
import { CodeField } from './CodeField';

/** A code beside the password, for staff who want it. */
export function SecondFactor() {
  const factor = useFactor();
  const [codes, setCodes] = useState<string[]>();
  const since = factor.data?.since;
  return (
    <section aria-labelledby="factor" className="mt-10 border-t border-rule pt-4">
      <h2 id="factor" className="text-[19px]">
        A second factor
      </h2>
      <p className="reading mt-1 text-soft">
        {since ? (
          <>
            Since <Moment at={since} /> a code of your device is asked for beside the password. Git takes
            tokens only.
          </>
        ) : (
          'A device of yours shows a code every 30 seconds. With it, nobody gets in who only knows your password.'
        )}
      </p>
      <Mistake error={factor.error} />
      {codes && <RecoveryCodes codes={codes} onDone={() => setCodes(undefined)} />}
      {factor.data &&
        (since ? <Active left={factor.data.codesLeft} onCodes={setCodes} /> : <Begin onCodes={setCodes} />)}
    </section>
  );
}

/** Codes that were just made; they are shown this once. */
function RecoveryCodes({ codes, onDone }: { codes: string[]; onDone: () => void }) {
  const text = `Hausaufgabe, recovery codes, each works once:\n\n${codes.join('\n')}\n`;
  return (
    <div role="status" className="mt-3 border-l-[4.5px] border-slate py-1 pl-4">
      <p className="font-semibold">Your recovery codes</p>
      <p className="text-[14px] text-soft">
        For when the device is lost. Each lets you in once; they are shown now and never again.
      </p>
      <ul className="name mt-2 grid grid-cols-2 gap-x-6" aria-label="Recovery codes">
        {codes.map((c) => (
          <li key={c}>{c}</li>
        ))}
      </ul>
      <p className="mt-2 text-[14px]">
        <a
          className="quiet"
          download="hausaufgabe-recovery-codes.txt"
          href={`data:text/plain;charset=utf-8,${encodeURIComponent(text)}`}
        >
          Keep them in a file
        </a>{' '}
        <button type="button" className="quiet ml-4" onClick={onDone}>
          I have them
        </button>
      </p>
    </div>
  );
}

type Offered = Api<'OfferedFactor'>;

/** The way to a second factor: the password, the secret for the device, its first code. */
function Begin({ onCodes }: { onCodes: (codes: string[]) => void }) {
  const offer = useOfferFactor();
  const [password, setPassword] = useState('');

  function submit(event: FormEvent) {
    event.preventDefault();
    offer.mutate(password, { onSuccess: () => setPassword('') });
  }

  return offer.data ? (
    <FirstCode offered={offer.data} onCodes={onCodes} onLeave={() => offer.reset()} />
  ) : (
    <form onSubmit={submit} className="mt-3 flex flex-wrap items-end gap-3" noValidate>
      <label className="min-w-0 flex-1">
        <span className="block font-semibold">Your password, to begin</span>
        <input
          type="password"
          className="field mt-1"
          autoComplete="current-password"
          value={password}
          onChange={(e) => setPassword(e.target.value)}
        />
      </label>
      <button type="submit" className="act" disabled={offer.isPending || !password}>
        Begin
      </button>
      <div className="w-full">
        <Mistake error={offer.error} />
      </div>
    </form>
  );
}

function FirstCode(props: { offered: Offered; onCodes: (codes: string[]) => void; onLeave: () => void }) {
  const confirm = useConfirmFactor();
  const [code, setCode] = useState('');

  function submit(event: FormEvent) {
    event.preventDefault();
    confirm.mutate(code, { onSuccess: (made) => props.onCodes(made.codes) });
  }

  return (
    <form onSubmit={submit} className="mt-3" noValidate>
      <div className="flex flex-wrap gap-5">
        <img
          src={props.offered.picture}
          alt="The secret, for the camera of a device"
          width={164}
          height={164}
          className="border border-rule"
        />
        <div className="min-w-0 flex-1 basis-[220px]">
          <p className="reading">Show this to an app that tells one-time codes.</p>
          <p className="mt-2 text-[14px] text-soft">
            Without a camera, type the secret in:
            <code className="name mt-1 block break-all text-ink" aria-label="The secret">
              {props.offered.secret.match(/.{1,4}/g)?.join(' ')}
            </code>
          </p>
          <p className="mt-2 text-[14px]">
            <a className="quiet" href={props.offered.address}>
              Open it on this device
            </a>
          </p>
        </div>
      </div>
      <CodeField id="first-code" label="The code that it shows now" value={code} onChange={setCode} />
      <Mistake error={confirm.error} />
      <button type="submit" className="act act-first mt-4" disabled={confirm.isPending || !code.trim()}>
        Ask for a code from now on
      </button>{' '}
      <button type="button" className="quiet ml-4 text-[14px]" onClick={props.onLeave}>
        Leave it
      </button>
    </form>
  );
}

const works = {
  end: { word: 'End it', now: 'End the second factor', says: 'The password alone lets you in again.' },
  renew: {
    word: 'New recovery codes',
    now: 'Make new ones',
    says: 'Those that you have no longer work then.',
  },
};

/** What can be done with a second factor that is asked for; each takes a code. */
function Active({ left, onCodes }: { left: number; onCodes: (codes: string[]) => void }) {
  const end = useEndFactor();
  const renew = useRenewCodes();
  const [work, setWork] = useState<keyof typeof works>();
  const [code, setCode] = useState('');

  function leave() {
    setWork(undefined);
    setCode('');
  }

  function submit(event: FormEvent) {
    event.preventDefault();
    if (work === 'end') {
      end.mutate(code, { onSuccess: leave });
    } else {
      renew.mutate(code, {
        onSuccess: (made) => {
          leave();
          onCodes(made.codes);
        },
      });
    }
  }

  return work ? (
    <form onSubmit={submit} noValidate>
      <CodeField id="factor-code" label="A code, to be sure that it is you" value={code} onChange={setCode} />
      <p className="mt-1 text-[14px] text-soft">{works[work].says}</p>
      <Mistake error={work === 'end' ? end.error : renew.error} />
      <button type="submit" className="act mt-3" disabled={end.isPending || renew.isPending || !code.trim()}>
        {works[work].now}
      </button>{' '}
      <button type="button" className="quiet ml-4 text-[14px]" onClick={leave}>
        Keep it as it is
      </button>
    </form>
  ) : (
    <>
      <p className={`mt-2 text-[14px] ${left < 3 ? 'text-madder' : 'text-soft'}`}>
        {left === 0
          ? 'No recovery code is left: make new ones.'
          : `${inWords(left)} recovery ${left === 1 ? 'code is' : 'codes are'} left.`}
      </p>
      <p className="mt-2 flex gap-5 text-[14px]">
        {(Object.keys(works) as (keyof typeof works)[]).reverse().map((w) => (
          <button key={w} type="button" className="quiet" onClick={() => setWork(w)}>
            {works[w].word}
          </button>
        ))}
      </p>
    </>
  );
}
