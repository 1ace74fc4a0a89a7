import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { counted } from '../page/count';
import { Notice, Waiting } from '../page/Notice';
import { Page } from '../page/Page';
import { contentOf, fits, requests, sketch, type Description, type Request } from './described';

/** What programs can ask by HTTP, read from the server's own description of it. */
export function ProgramsPage() {
  const described = useQuery({
    queryKey: ['description'],
    staleTime: Infinity,
    queryFn: async () => {
      const answer = await fetch('/api/description');
      if (!answer.ok) {
        throw new Error('The server did not give its description. Try again in a moment.');
      }
      return (await answer.json()) as Description;
    },
  });
  return (
    <Page title="What programs can ask" crumbs={[{ text: 'What programs can ask' }]}>
      <h1 className="text-[27px]">What programs can ask</h1>
      {described.data ? (
        <Asked description={described.data} />
      ) : described.isError ? (
        <Notice
          title="The description could not be fetched"
          text={described.error.message}
          again={() => void described.refetch()}
        />
      ) : (
        <Waiting what="Reading the description" />
      )}
    </Page>
  );
}

function Asked({ description }: { description: Description }) {
  const [find, setFind] = useState('');
  const all = requests(description);
  const groups = all
    .map(([group, those]): [string, Request[]] => [group, those.filter((r) => fits(r, find))])
    .filter(([, those]) => those.length > 0);
  const n = all.reduce((sum, [, those]) => sum + those.length, 0);
  return (
    <>
      <p className="reading max-w-[66ch] text-soft italic">
        {counted(n, 'request')}, as this server describes them.
      </p>
      <div className="reading mt-3 max-w-[66ch]">
        <p>
          A program sends a{' '}
          <Link className="quiet" to="/password">
            token
          </Link>{' '}
          that allows what it asks, and JSON. A change of marks or of the scheme names the version it was made
          on: the <code className="name">ETag</code> of what was read, sent as{' '}
          <code className="name">If-Match</code>; where somebody came first, the answer is 412 and nothing was
          changed. What is wrong is told as RFC 9457 says, in <code className="name">detail</code>. A token
          has 600 requests a minute.
        </p>
        <pre className="name mt-2 overflow-x-auto border border-rule bg-tint p-2 text-[13px]">
          {`curl -H "Authorization: Bearer $TOKEN" ${window.location.origin}/api/courses`}
        </pre>
        <p className="mt-2 text-[14px]">
          <a className="quiet" href="/api/description" download="hausaufgabe-openapi.json">
            The whole description, OpenAPI 3.1
          </a>
        </p>
      </div>
      <label className="mt-5 block max-w-[420px]">
        <span className="sr-only">Find a request</span>
        <input
          type="search"
          className="field"
          placeholder="Find a request"
          value={find}
          onChange={(e) => setFind(e.target.value)}
        />
      </label>
      {groups.map(([group, those]) => (
        <section key={group} aria-labelledby={`group-${group}`} className="mt-6">
          <h2 id={`group-${group}`} className="border-b border-rule pb-1 text-[21px] first-letter:uppercase">
            {group}
          </h2>
          {those.map((r) => (
            <One key={`${r.method} ${r.path}`} request={r} description={description} />
          ))}
        </section>
      ))}
      {groups.length === 0 && <p className="reading mt-4 text-soft">No request says that.</p>}
    </>
  );
}

const inks: Record<string, string> = {
  get: 'text-verdigris',
  post: 'text-slate',
  put: 'text-ochre',
  delete: 'text-madder',
};

function One({ request, description }: { request: Request; description: Description }) {
  const { method, path, operation: o } = request;
  const schemas = description.components.schemas;
  const takes = contentOf(o.requestBody?.content);
  const gives = contentOf(
    Object.entries(o.responses ?? {}).find(([status]) => status.startsWith('2'))?.[1].content,
  );
  return (
    <details className="border-b border-dotted border-rule py-1.5">
      <summary className="cursor-pointer">
        <span className={`inline-block w-[62px] font-semibold uppercase text-[13px] ${inks[method] ?? ''}`}>
          {method}
        </span>
        <code className="name break-all">{path}</code>
        <span className="block pl-[78px] text-[14.5px] text-soft">{o.summary ?? o.description}</span>
      </summary>
      <div className="py-2 pl-[78px] text-[14px]">
        {(o.parameters ?? []).length > 0 && (
          <table>
            <tbody>
              {o.parameters!.map((p) => (
                <tr key={p.name} className="align-top">
                  <th scope="row" className="pr-4 text-left font-normal">
                    <code className="name">{p.name}</code>
                    {!p.required && '?'}
                  </th>
                  <td className="pr-4 text-soft">
                    {p.in === 'path' ? 'in the address' : p.in === 'query' ? 'behind the ?' : `as ${p.in}`}
                  </td>
                  <td className="pr-4">{sketch(p.schema, schemas)}</td>
                  <td className="text-soft">{p.description}</td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
        {takes && <Sketch title="Takes" kind={takes.kind} text={sketch(takes.schema, schemas)} />}
        {gives && <Sketch title="Gives" kind={gives.kind} text={sketch(gives.schema, schemas)} />}
      </div>
    </details>
  );
}

function Sketch({ title, kind, text }: { title: string; kind: string; text: string }) {
  return (
    <>
      <p className="mt-2 font-semibold">
        {title} <span className="font-normal text-soft">{kind}</span>
      </p>
      <pre className="name overflow-x-auto border border-rule bg-tint p-2 text-[12.5px] leading-[1.4]">
        {text}
      </pre>
    </>
  );
}
