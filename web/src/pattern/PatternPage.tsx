import { Link, useParams } from 'react-router';
import type { Api } from '../api/client';
import { usePattern, usePatterns } from '../api/patterns';
import { RoleSeals } from '../seal/Seal';
import { Notice, Waiting } from '../page/Notice';
import { Page } from '../page/Page';
import { Asked } from './Asked';
import { RoleDiagram } from './RoleDiagram';

/** A pattern of the catalogue: what it is for, who takes part, what is asked, and what often goes wrong. */
export function PatternPage() {
  const id = useParams().pattern ?? '';
  const pattern = usePattern(id);
  const p = pattern.data;
  return (
    <RoleSeals roles={p?.roles.map((r) => r.name) ?? []}>
      <Page
        title={p?.title ?? 'Patterns'}
        crumbs={[{ text: 'Patterns' }, ...(p ? [{ text: p.title }] : [])]}
        left={<Others current={id} />}
      >
        {p && <Whole pattern={p} />}
        {pattern.isError && (
          <Notice
            title="The pattern could not be opened"
            text={pattern.error.message}
            again={() => void pattern.refetch()}
          />
        )}
        {pattern.isLoading && <Waiting what="Opening the pattern" />}
      </Page>
    </RoleSeals>
  );
}

function Others({ current }: { current: string }) {
  const patterns = usePatterns();
  return (
    <nav aria-label="Patterns">
      <p className="margin-heading">Patterns</p>
      <ul className="mt-2">
        {(patterns.data ?? []).map((p) => (
          <li key={p.id} className="border-b border-dotted border-rule">
            <Link
              to={`/patterns/${p.id}`}
              aria-current={p.id === current ? 'page' : undefined}
              className={`block py-1.5 hover:underline ${p.id === current ? 'font-semibold' : ''}`}
            >
              {p.title}
            </Link>
          </li>
        ))}
      </ul>
    </nav>
  );
}

function Whole({ pattern }: { pattern: Api<'PatternView'> }) {
  return (
    <div className="max-w-[860px]">
      <h1 className="text-[27px]">{pattern.title}</h1>
      <p className="reading mt-1 max-w-[66ch] text-soft italic">{pattern.intent}</p>
      <section aria-labelledby="who-heading" className="mt-7">
        <h2 id="who-heading" className="border-b border-rule pb-1 text-[21px]">
          Who takes part
        </h2>
        <div className="mt-6">
          <RoleDiagram pattern={pattern} />
        </div>
      </section>
      <Asked patterns={[pattern]} hints />
      <Forms forms={pattern.forms} />
      <section aria-labelledby="wrong-heading" className="mt-9">
        <h2 id="wrong-heading" className="border-b border-rule pb-1 text-[21px]">
          What often goes wrong
        </h2>
        <ul className="mt-2">
          {pattern.pitfalls.map((t) => (
            <li key={t.text} className="reading border-b border-dotted border-rule py-1.5">
              {t.text}
            </li>
          ))}
        </ul>
      </section>
    </div>
  );
}

/** The ways to build it; a pattern with just one says nothing. */
function Forms({ forms }: { forms: Api<'FormView'>[] }) {
  if (forms.length < 2) {
    return null;
  }
  return (
    <section aria-labelledby="forms-heading" className="mt-9">
      <h2 id="forms-heading" className="border-b border-rule pb-1 text-[21px]">
        Forms it may take
      </h2>
      <ul className="mt-2">
        {forms.map((f) => (
          <li key={f.name} className="reading border-b border-dotted border-rule py-1.5">
            <span className="font-semibold">{f.name}</span>
            {f.doc && <span className="text-soft"> – {f.doc}</span>}
          </li>
        ))}
      </ul>
    </section>
  );
}
