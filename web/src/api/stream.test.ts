import { listen, type Told } from './stream';

/** A stream that tells when a test says so. */
class Stream extends EventTarget {
  static all: Stream[] = [];
  isClosed = false;

  constructor() {
    super();
    Stream.all.push(this);
  }

  close() {
    this.isClosed = true;
  }

  tell(kind: string, data: object) {
    this.dispatchEvent(new MessageEvent(kind, { data: JSON.stringify(data) }));
  }
}

/** Tabs of one browser: what one posts the others get, and one at a time has the lock. */
class Channel {
  static open = new Set<Channel>();
  onmessage: ((event: { data: Told }) => void) | null = null;

  constructor() {
    Channel.open.add(this);
  }

  postMessage(data: Told) {
    [...Channel.open].filter((c) => c !== this).forEach((c) => c.onmessage?.({ data }));
  }

  close() {
    Channel.open.delete(this);
  }
}

const waiting: (() => void)[] = [];
let held = false;
const locks = {
  request: async (_: string, options: { signal: AbortSignal }, act: () => Promise<void>) => {
    while (held) {
      await new Promise<void>((free) => waiting.push(free));
    }
    if (!options.signal.aborted) {
      held = true;
      await act();
      held = false;
      waiting.splice(0).forEach((free) => free());
    }
  },
};

const settled = () => new Promise((done) => setTimeout(done));

describe('the news of several tabs', () => {
  beforeEach(() => {
    Stream.all = [];
    Channel.open.clear();
    held = false;
    vi.stubGlobal('EventSource', Stream);
    vi.stubGlobal('BroadcastChannel', Channel);
    vi.stubGlobal('navigator', { locks });
  });

  afterEach(() => {
    vi.unstubAllGlobals();
  });

  it('comes in by one stream, and all hear it', async () => {
    const heard: string[][] = [[], []];
    const ends = heard.map((list) => listen((n) => list.push(n.kind)));
    await settled();

    Stream.all[0]!.tell('marked', { submissionId: 7 });

    expect(Stream.all).toHaveLength(1);
    expect(heard).toEqual([['marked'], ['marked']]);
    ends.forEach((end) => end());
  });

  it('goes on in the next tab when the one that has the stream is closed', async () => {
    const first = listen(() => {});
    const heard: string[] = [];
    const second = listen((n) => heard.push(n.kind));
    await settled();
    first();
    await settled();

    Stream.all[1]!.tell('decided', { courseId: 1 });

    expect(Stream.all[0]!.isClosed).toBe(true);
    expect(heard).toEqual(['decided']);
    second();
  });

  it('tells a tab that comes later who reads what', async () => {
    const first = listen(() => {});
    await settled();
    Stream.all[0]!.tell('reading', { submissionId: 7, readers: ['Jonte'] });
    const heard: Told[] = [];

    const second = listen((n) => heard.push(n));

    expect(heard).toEqual([{ kind: 'reading', data: '{"submissionId":7,"readers":["Jonte"]}' }]);
    first();
    second();
  });

  it('comes in by a stream for each where tabs cannot speak to each other', () => {
    vi.stubGlobal('BroadcastChannel', undefined);
    const heard: string[] = [];
    const end = listen((n) => heard.push(n.kind));
    Stream.all[0]!.dispatchEvent(new Event('error'));
    end();

    expect(heard).toEqual(['gone']);
    expect(Stream.all[0]!.isClosed).toBe(true);
  });
});
