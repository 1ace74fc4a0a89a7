import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { api } from './client';
import { useNews } from './news';
import { useSubmission } from './marks';

type Answer = { data: unknown; response: Response };

const answer = (state: string): Answer => ({ data: { id: 7, state }, response: new Response() });

/** The news of an exercise, told when a test says so. */
class News extends EventTarget {
  static latest: News;

  constructor(readonly url: string) {
    super();
    News.latest = this;
  }

  close() {}

  tell(state: string, doing?: string) {
    const data = JSON.stringify({ exerciseId: 3, submissionId: 7, state, doing });
    this.dispatchEvent(new MessageEvent('step', { data }));
  }
}

describe('a submission that is being checked', () => {
  let state: string;
  let queries: QueryClient;
  const fetched = vi.fn<() => Promise<Answer>>();

  beforeEach(() => {
    state = 'RUNNING';
    queries = new QueryClient();
    vi.stubGlobal('EventSource', News);
    fetched.mockReset().mockImplementation(() => Promise.resolve(answer(state)));
    vi.spyOn(api, 'GET').mockImplementation(fetched as typeof api.GET);
  });

  afterEach(() => {
    vi.unstubAllGlobals();
    vi.restoreAllMocks();
  });

  function open() {
    const wrapper = ({ children }: { children: ReactNode }) => (
      <QueryClientProvider client={queries}>{children}</QueryClientProvider>
    );
    const useOpened = () => {
      useNews(true);
      return useSubmission(7).data;
    };
    return renderHook(useOpened, { wrapper }).result;
  }

  async function opened() {
    const page = open();
    await waitFor(() => expect(page.current?.state).toBe('RUNNING'));
    return page;
  }

  it('says what is being done', async () => {
    const page = await opened();

    act(() => News.latest.tell('RUNNING', 'Running the scenarios'));

    await waitFor(() => expect(page.current?.progress).toBe('Running the scenarios'));
    expect(News.latest.url).toBe('/api/news');
  });

  it('is fetched when its check is over', async () => {
    const page = await opened();
    state = 'CHECKED';

    act(() => News.latest.tell('CHECKED'));

    await waitFor(() => expect(page.current?.state).toBe('CHECKED'));
  });

  it('is fetched when its check ended before anybody listened', async () => {
    const page = await opened();
    state = 'CHECKED';

    act(() => void News.latest.dispatchEvent(new Event('open')));

    await waitFor(() => expect(page.current?.state).toBe('CHECKED'));
  });

  it('is fetched anew when the news comes while it is fetched for the first time', async () => {
    let late: (answer: Answer) => void = () => {};
    fetched.mockReturnValueOnce(new Promise((resolve) => (late = resolve)));
    state = 'CHECKED';
    const page = open();

    act(() => News.latest.tell('CHECKED'));
    act(() => late(answer('RUNNING')));

    await waitFor(() => expect(page.current?.state).toBe('CHECKED'));
  });
});
