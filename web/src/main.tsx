import { MutationCache, QueryCache, QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router';
import { ProblemError } from './api/client';
import { sessionKey } from './api/session';
import { router } from './routes';
import './theme.css';

/** Whoever is no longer signed in is asked to sign in again, wherever that shows. */
function onError(error: unknown) {
  if (error instanceof ProblemError && error.status === 401) {
    void queries.invalidateQueries({ queryKey: sessionKey });
  }
}

const queries: QueryClient = new QueryClient({
  queryCache: new QueryCache({ onError }),
  mutationCache: new MutationCache({ onError }),
  defaultOptions: {
    queries: {
      staleTime: 5_000,
      retry: (count, error) => !(error instanceof ProblemError) && count < 2,
    },
  },
});

createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <RouterProvider router={router} />
    </QueryClientProvider>
  </StrictMode>,
);
