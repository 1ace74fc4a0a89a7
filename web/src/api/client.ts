import createClient, { type Middleware } from 'openapi-fetch';
import type { components, paths } from './schema';

/** A type of the API's description, by its name there. */
export type Api<Name extends keyof components['schemas']> = components['schemas'][Name];

/** What the server said was wrong, in words for the person who reads it. */
export class ProblemError extends Error {
  constructor(
    readonly status: number,
    message: string,
  ) {
    super(message);
  }
}

/** The token that shows a request comes from our own page; the server sets it as a cookie. */
function pageToken(): string {
  return /(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1] ?? '';
}

async function problemOf(response: Response): Promise<ProblemError> {
  const body: unknown = await response.json().catch(() => null);
  const detail = (body as { detail?: string } | null)?.detail;
  return new ProblemError(
    response.status,
    detail ?? `The server answered with ${response.status}. Try again; if that does not help, tell the lead.`,
  );
}

const middleware: Middleware = {
  onRequest({ request }) {
    if (request.method !== 'GET') {
      request.headers.set('X-XSRF-TOKEN', pageToken());
    }
    return request;
  },
  async onResponse({ response }) {
    if (!response.ok) {
      throw await problemOf(response);
    }
  },
  onError() {
    return new Error('The server cannot be reached. What you wrote is still here; try again in a moment.');
  },
};

export const api = createClient<paths>({ baseUrl: window.location.origin });
api.use(middleware);

/** What came back, where the call cannot have failed: the middleware has thrown by then. */
export function body<T>(result: { data?: T }): T {
  return result.data as T;
}

/** Sends files, which the described client cannot, and gives what came back; nothing where nothing did. */
export async function upload(
  address: string,
  files: Record<string, File[]>,
  fields: Record<string, string> = {},
): Promise<unknown> {
  const form = new FormData();
  Object.entries(fields).forEach(([name, value]) => form.set(name, value));
  Object.entries(files).forEach(([name, all]) => all.forEach((f) => form.append(name, f, f.name)));
  const response = await fetch(address, {
    method: 'POST',
    body: form,
    headers: { 'X-XSRF-TOKEN': pageToken() },
  }).catch(() => {
    throw new Error('The server cannot be reached. Nothing was stored; try again in a moment.');
  });
  if (!response.ok) {
    throw await problemOf(response);
  }
  return response.status === 204 ? undefined : response.json();
}

export async function handIn(exercise: number, student: number, files: File[]): Promise<Api<'Taken'>> {
  const address = `/api/exercises/${exercise}/submissions`;
  return (await upload(address, { files }, { student: String(student) })) as Api<'Taken'>;
}
