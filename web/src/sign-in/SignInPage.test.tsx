import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { api, type Api } from '../api/client';
import { SignInPage } from './SignInPage';

/** The page at an address, with a server that says who is signed in and answers to what is sent. */
function shown(address: string, session: Api<'Session'>, answer?: Api<'Session'>) {
  const given = (data: unknown) => Promise.resolve({ data, response: new Response() });
  vi.spyOn(api, 'GET').mockImplementation((() => given(session)) as unknown as typeof api.GET);
  const sent = vi.spyOn(api, 'POST').mockImplementation((() => given(answer)) as unknown as typeof api.POST);
  render(
    <QueryClientProvider client={new QueryClient()}>
      <MemoryRouter initialEntries={[address]}>
        <SignInPage />
      </MemoryRouter>
    </QueryClientProvider>,
  );
  return sent;
}

afterEach(() => vi.restoreAllMocks());

it('asks for a code where the password is not enough, and sends both', async () => {
  const sent = shown('/sign-in', { codeNeeded: false }, { codeNeeded: true });

  await userEvent.type(await screen.findByLabelText('Your sign-in'), 'jonte');
  await userEvent.type(screen.getByLabelText('Password'), 'a short sentence');
  await userEvent.click(screen.getByRole('button', { name: 'Sign in' }));
  await userEvent.type(await screen.findByLabelText('Code'), '123 456');
  await userEvent.click(screen.getByRole('button', { name: 'Sign in' }));

  const known = { login: 'jonte', password: 'a short sentence' };
  expect(sent.mock.calls).toEqual([
    ['/api/session', { body: known }],
    ['/api/session', { body: { ...known, code: '123 456' } }],
  ]);
});

it('leads to the provider outside, and says why it did not sign in', async () => {
  shown('/sign-in?outside=unknown', {
    codeNeeded: false,
    outside: { name: 'the harbour school', address: '/oauth2/authorization/outside' },
  });

  expect(screen.getByRole('alert').textContent).toContain('Ask the lead of your course to add you');
  const link = await screen.findByRole('link', { name: 'Sign in with the harbour school' });
  expect(link.getAttribute('href')).toBe('/oauth2/authorization/outside');
});
