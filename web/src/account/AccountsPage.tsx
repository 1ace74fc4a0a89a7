import { useState, type FormEvent } from 'react';
import {
  linkOf,
  useAccounts,
  useForgetOutside,
  useInvite,
  useMakeLink,
  useRemoveFactor,
  useTakeAway,
} from '../api/accounts';
import type { Api } from '../api/client';
import { useSession } from '../api/session';
import { Confirmed } from '../page/Confirmed';
import { inWords } from '../page/count';
import { Moment } from '../page/Moment';
import { Mistake, Notice, Waiting } from '../page/Notice';
import { Page } from '../page/Page';

type Account = Api<'AccountLine'>;
type Link = Api<'Link'>;

/** Students come from the rosters of their courses. */
type Kind = Exclude<Account['role'], 'STUDENT'>;

const kinds: Record<Kind, { word: string; does: string }> = {
  LEAD: { word: 'Makes courses', does: 'begins courses and looks after accounts' },
  TUTOR: { word: 'Staff', does: 'does what each course says' },
};
const states: Record<Account['state'], { text: string; ink: string }> = {
  INVITED: { text: 'has not chosen a password yet', ink: 'text-slate' },
  ACTIVE: { text: 'can sign in', ink: 'text-ink' },
  DISABLED: { text: 'taken away', ink: 'text-soft italic' },
};

/** Who may sign in, for the lead: accounts are made, reset and taken away here. */
export function AccountsPage() {
  const accounts = useAccounts();
  const [link, setLink] = useState<{ account: Account; link: Link }>();
  return (
    <Page
      title="Accounts"
      crumbs={[{ text: 'Accounts' }]}
      right={<Invite onMade={(account, made) => setLink({ account, link: made })} />}
    >
      <h1 className="text-[27px]">Accounts</h1>
      <p className="reading mt-1 max-w-[62ch] text-soft italic">
        {accounts.data
          ? `${inWords(accounts.data.filter((a) => a.state !== 'DISABLED').length)} may sign in. Each chooses a password by a link that works once.`
          : 'Each chooses a password by a link that works once.'}
      </p>
      {link && <HandOver account={link.account} link={link.link} onDone={() => setLink(undefined)} />}
      {accounts.isPending && <Waiting what="Fetching the accounts" />}
      {accounts.isError && (
        <Notice
          title="The accounts could not be fetched"
          text={accounts.error.message}
          again={() => void accounts.refetch()}
        />
      )}
      <ul className="mt-5 border-t border-rule" aria-label="Accounts">
        {accounts.data?.map((a) => (
          <Row key={a.id} account={a} onLink={(made) => setLink({ account: a, link: made })} />
        ))}
      </ul>
    </Page>
  );
}

function Row({ account, onLink }: { account: Account; onLink: (link: Link) => void }) {
  const session = useSession();
  const makeLink = useMakeLink();
  const takeAway = useTakeAway();
  const [asked, setAsked] = useState(false);
  const own = session.data?.person?.id === account.id;
  const gone = account.state === 'DISABLED';
  const state = states[account.state];
  return (
    <li className="grid grid-cols-[minmax(0,1.3fr)_90px_minmax(0,1fr)_200px] items-baseline gap-x-5 border-b border-dotted border-rule py-3">
      <span className="min-w-0">
        <span className={`block break-words font-semibold ${gone ? 'text-soft' : ''}`}>{account.name}</span>
        <span className="block truncate text-[14px] text-soft">signs in as {account.login}</span>
      </span>
      <span className="text-[14px]">{kinds[account.role as Kind].word}</span>
      <span className="text-[14px]">
        <span className={state.ink}>{state.text}</span>
        {!gone && <Ways account={account} />}
      </span>
      <span className="flex flex-wrap justify-end gap-x-4 text-[14px]">
        {gone ? (
          <button
            type="button"
            className="quiet"
            disabled={takeAway.isPending}
            onClick={() => takeAway.mutate({ id: account.id, disabled: false })}
          >
            Give back
          </button>
        ) : asked ? (
          <>
            <button
              type="button"
              className="quiet font-semibold text-madder"
              disabled={takeAway.isPending}
              onClick={() =>
                takeAway.mutate({ id: account.id, disabled: true }, { onSettled: () => setAsked(false) })
              }
            >
              Take it away now
            </button>
            <button type="button" className="quiet" onClick={() => setAsked(false)}>
              Keep it
            </button>
          </>
        ) : (
          <>
            <button
              type="button"
              className="quiet"
              disabled={makeLink.isPending}
              onClick={() => makeLink.mutate(account.id, { onSuccess: onLink })}
            >
              Make a link
            </button>
            {!own && (
              <button type="button" className="quiet" onClick={() => setAsked(true)}>
                Take away
              </button>
            )}
          </>
        )}
      </span>
      {asked && (
        <p className="col-span-4 mt-1 text-[14px] text-soft">
          Whoever is signed in under it is out at once. What {account.name} has marked stays, and the account
          can be given back.
        </p>
      )}
      <div className="col-span-4">
        <Mistake error={makeLink.error ?? takeAway.error} />
      </div>
    </li>
  );
}

/** In which other ways somebody signs in, and their end for whoever lost them. */
function Ways({ account }: { account: Account }) {
  const removeFactor = useRemoveFactor();
  const forget = useForgetOutside();
  return (
    <>
      {account.secondFactor && (
        <span className="block text-soft">
          with a second factor{' · '}
          <Confirmed
            text="end it"
            label={`End the second factor of ${account.name}`}
            now="End it now"
            about={`For whoever lost the device and the codes: the password alone lets ${account.name} in then.`}
            busy={removeFactor.isPending}
            onConfirm={() => removeFactor.mutate(account.id)}
          />
        </span>
      )}
      {account.outside && (
        <span className="block text-soft">
          known outside{' · '}
          <Confirmed
            text="let go"
            label={`Let go of whom ${account.name} is known by outside`}
            now="Let go now"
            about={`The next who signs in outside as ${account.login} is taken for ${account.name}.`}
            busy={forget.isPending}
            onConfirm={() => forget.mutate(account.id)}
          />
        </span>
      )}
      <Mistake error={removeFactor.error ?? forget.error} />
    </>
  );
}

/** A link that was just made; it is shown this once. */
function HandOver(props: { account: Account; link: Link; onDone: () => void }) {
  const address = linkOf(props.link.token);
  const [copied, setCopied] = useState(false);
  const copy = () =>
    void navigator.clipboard?.writeText(address).then(
      () => setCopied(true),
      () => setCopied(false),
    );
  return (
    <section role="status" className="mt-5 border-l-[4.5px] border-slate py-1 pl-5">
      <h2 className="text-[18px]">A link for {props.account.name}</h2>
      <p className="reading text-soft">
        Hand it over. With it {props.account.name} chooses a password for the sign-in {props.account.login}:
        once, until <Moment at={props.link.expiresAt} />. It is shown here only now.
      </p>
      <div className="mt-2 flex items-center gap-3">
        <input
          className="field font-code text-[13px]"
          aria-label="The link"
          readOnly
          value={address}
          onFocus={(e) => e.target.select()}
        />
        <button type="button" className="act" onClick={copy}>
          {copied ? 'Copied' : 'Copy'}
        </button>
        <button type="button" className="quiet" onClick={props.onDone}>
          Done
        </button>
      </div>
    </section>
  );
}

function Invite({ onMade }: { onMade: (account: Account, link: Link) => void }) {
  const invite = useInvite();
  const [name, setName] = useState('');
  const [login, setLogin] = useState('');
  const [role, setRole] = useState<Account['role']>('TUTOR');

  function submit(event: FormEvent) {
    event.preventDefault();
    invite.mutate(
      { name, login, role },
      {
        onSuccess: (made) => {
          setName('');
          setLogin('');
          onMade(made.account, made.link);
        },
      },
    );
  }

  return (
    <form onSubmit={submit} aria-labelledby="invite" noValidate>
      <h2 id="invite" className="margin-heading">
        One more
      </h2>
      <label className="mt-3 block font-semibold" htmlFor="new-name">
        Name
      </label>
      <input id="new-name" className="field mt-1" value={name} onChange={(e) => setName(e.target.value)} />
      <label className="mt-3 block font-semibold" htmlFor="new-login">
        Sign-in
      </label>
      <input
        id="new-login"
        className="field mt-1"
        autoCapitalize="none"
        value={login}
        onChange={(e) => setLogin(e.target.value)}
      />
      <fieldset className="mt-3">
        <legend className="font-semibold">What the account is for</legend>
        {(Object.keys(kinds) as Kind[]).map((r) => (
          <label key={r} className="mt-1 flex gap-2">
            <input type="radio" name="kind" checked={role === r} onChange={() => setRole(r)} />
            <span>
              {kinds[r].word}
              <span className="block text-soft">{kinds[r].does}</span>
            </span>
          </label>
        ))}
      </fieldset>
      <Mistake error={invite.error} />
      <button type="submit" className="act act-first mt-4" disabled={invite.isPending}>
        Make the account
      </button>
      <p className="mt-3 text-soft">A link for it appears in the middle, to be handed over.</p>
    </form>
  );
}
