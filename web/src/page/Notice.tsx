import { isRouteErrorResponse, Link, useRouteError } from 'react-router';
import { Page } from './Page';

/** Something that could not be shown: what happened, and what to do. */
export function Notice({ title, text, again }: { title: string; text: string; again?: () => void }) {
  return (
    <section role="alert" className="max-w-[60ch] border-l-[4.5px] border-madder py-1 pl-5">
      <h2 className="text-[21px]">{title}</h2>
      <p className="reading mt-1 text-soft">{text}</p>
      {again && (
        <button type="button" className="act mt-3" onClick={again}>
          Try again
        </button>
      )}
    </section>
  );
}

/** A message beside what it is about. */
export function Mistake({ error }: { error: Error | null }) {
  return error ? (
    <p role="alert" className="mt-2 border-l-[3px] border-madder pl-2 text-[14px] text-madder">
      {error.message}
    </p>
  ) : null;
}

export function Waiting({ what }: { what: string }) {
  return (
    <p role="status" className="reading text-soft italic">
      {what} …
    </p>
  );
}

export function NotFound() {
  return (
    <Page title="No such page" crumbs={[{ text: 'No such page' }]}>
      <Notice title="There is no page here" text="The address may have been cut off. Nothing is lost." />
      <Link to="/" className="act mt-5 inline-block">
        Go to today’s list
      </Link>
    </Page>
  );
}

export function WentWrong() {
  const error = useRouteError();
  const text = isRouteErrorResponse(error) ? error.statusText : error instanceof Error ? error.message : '';
  return (
    <div className="p-10">
      <Notice
        title="This page could not be drawn"
        text={`What was saved is safe. Load the page again; if that does not help, tell the lead: “${text}”.`}
        again={() => window.location.reload()}
      />
    </div>
  );
}
