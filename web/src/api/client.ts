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

function problem(status: number, answered: unknown): ProblemError {
  const detail = (answered as { detail?: string } | null | undefined)?.detail;
  return new ProblemError(
    status,
    detail ?? `The server answered with ${status}. Try again; if that does not help, tell the lead.`,
  );
}

async function problemOf(response: Response): Promise<ProblemError> {
  return problem(response.status, await response.json().catch(() => null));
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

/** A file and the path it has in the folder it was taken from. */
export type Chosen = { path: string; file: File };

/**
 * Sends files, which the described client cannot, and gives what came back; nothing where nothing did.
 *
 * @param onSent told how much of it was sent, from 0 to 1
 */
export function upload(
  address: string,
  files: Record<string, (File | Chosen)[]>,
  fields: Record<string, string> = {},
  onSent?: (part: number) => void,
): Promise<unknown> {
  const form = new FormData();
  Object.entries(fields).forEach(([name, value]) => form.set(name, value));
  Object.entries(files).forEach(([name, all]) =>
    all.forEach((f) =>
      f instanceof File ? form.append(name, f, f.name) : form.append(name, f.file, f.path),
    ),
  );
  return new Promise((resolve, reject) => {
    // fetch does not tell how much was sent
    const request = new XMLHttpRequest();
    request.open('POST', address);
    request.setRequestHeader('X-XSRF-TOKEN', pageToken());
    request.upload.onprogress = (e) => e.lengthComputable && onSent?.(e.loaded / e.total);
    request.onerror = () =>
      reject(new Error('The server cannot be reached. Nothing was stored; try again in a moment.'));
    request.onload = () => {
      const answered = request.responseText ? (JSON.parse(request.responseText) as unknown) : undefined;
      if (request.status >= 200 && request.status < 300) {
        resolve(answered);
      } else {
        reject(problem(request.status, answered));
      }
    };
    request.send(form);
  });
}

export async function handIn(exercise: number, student: number, files: Chosen[]): Promise<Api<'Taken'>> {
  const address = `/api/exercises/${exercise}/submissions`;
  return (await upload(address, { files }, { student: String(student) })) as Api<'Taken'>;
}
