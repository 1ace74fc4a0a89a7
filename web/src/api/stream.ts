/** What comes in by the stream, by its kind; "open" and "gone" tell of the stream itself. */
export type Told = { kind: string; data: string };

const NAME = 'hausaufgabe-news';
const KINDS = ['step', 'marked', 'decided', 'reading'];

/**
 * Listens to the server's news. All tabs of a browser share one stream: a browser keeps few connections to one place, and with a
 * stream for each tab nothing else would come through. One tab has the stream and passes on what it hears; when it closes, the next
 * takes over. Where a browser cannot do that, each tab has its own.
 *
 * @returns what ends it
 */
export function listen(told: (news: Told) => void): () => void {
  if (typeof BroadcastChannel === 'undefined' || !('locks' in navigator)) {
    const source = opened(told);
    return () => source.close();
  }
  const others = new BroadcastChannel(NAME);
  const over = new AbortController();
  let source: EventSource | undefined;
  let leave: () => void = () => {};
  /** Who reads what, for tabs that come later. */
  const readings = new Map<number, string>();
  others.onmessage = (event: MessageEvent<Told>) => {
    if (event.data.kind !== 'ask') {
      told(event.data);
    } else if (source) {
      readings.forEach((data) => others.postMessage({ kind: 'reading', data }));
    }
  };
  others.postMessage({ kind: 'ask', data: '' });
  navigator.locks
    .request(NAME, { signal: over.signal }, () => {
      source = opened((news) => {
        if (news.kind === 'open') {
          readings.clear();
        }
        if (news.kind === 'reading') {
          readings.set((JSON.parse(news.data) as { submissionId: number }).submissionId, news.data);
        }
        others.postMessage(news);
        told(news);
      });
      return new Promise<void>((done) => (leave = done));
    })
    // it was ended before its turn had come
    .catch(() => undefined);
  return () => {
    over.abort();
    source?.close();
    others.close();
    leave();
  };
}

function opened(told: (news: Told) => void): EventSource {
  const source = new EventSource('/api/news');
  source.addEventListener('open', () => told({ kind: 'open', data: '' }));
  source.addEventListener('error', () => told({ kind: 'gone', data: '' }));
  KINDS.forEach((kind) =>
    source.addEventListener(kind, (event) => told({ kind, data: (event as MessageEvent<string>).data })),
  );
  return source;
}
