import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen } from '@testing-library/react';
import { api, type Api } from '../api/client';
import { Machines } from './Machines';

type Machine = Api<'WorkerLine'>;

const server: Machine = {
  id: 'a',
  name: 'this machine',
  size: 2,
  doing: 2,
  made: 17,
  since: '2026-11-30T08:00:00Z',
  here: true,
  fits: true,
};
const pier: Machine = { ...server, id: 'b', name: 'pier 2', size: 4, doing: 1, made: 1, here: false };

async function shown(machines: Machine[]) {
  const asked = vi
    .spyOn(api, 'GET')
    .mockImplementation((() =>
      Promise.resolve({ data: machines, response: new Response() })) as unknown as typeof api.GET);
  const { container } = render(
    <QueryClientProvider client={new QueryClient()}>
      <Machines />
    </QueryClientProvider>,
  );
  await vi.waitFor(() => expect(asked).toHaveBeenCalled());
  return container;
}

afterEach(() => vi.restoreAllMocks());

it('says nothing of the server alone', async () => {
  const page = await shown([server]);
  await new Promise((done) => setTimeout(done, 20));
  expect(page.textContent).toBe('');
});

it('names the machines and what each does', async () => {
  await shown([server, pier]);
  expect(await screen.findByText('2 machines, 6 at a time')).toBeTruthy();
  expect(screen.getByText('pier 2: 1 of 4 at a time, 1 check so far')).toBeTruthy();
});

it('says when nobody is there, and who runs another version', async () => {
  await shown([{ ...pier, fits: false }]);
  expect(await screen.findByText(/No machine is there to check/)).toBeTruthy();
  expect(screen.getByText(/pier 2 runs another version of the program and gets nothing/)).toBeTruthy();
});
