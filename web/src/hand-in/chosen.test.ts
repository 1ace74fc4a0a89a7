import { dropped } from './chosen';

const file = (name: string) => new File(['class Ship {}'], name);

/** A file or folder as a browser tells it when it is dropped. */
function entry(path: string, within?: object[]) {
  const portions = [within ?? [], []];
  return {
    isFile: !within,
    fullPath: path,
    file: (done: (f: File) => void) => done(file(path.split('/').at(-1)!)),
    createReader: () => ({ readEntries: (done: (e: object[]) => void) => done(portions.shift() ?? []) }),
  };
}

const drop = (entries: object[]) =>
  ({ items: entries.map((e) => ({ webkitGetAsEntry: () => e })), files: [] }) as unknown as DataTransfer;

describe('dropped', () => {
  it('finds what lies in folders, with its paths', async () => {
    const found = await dropped(
      drop([
        entry('/work', [entry('/work/Ship.java'), entry('/work/quay', [entry('/work/quay/Berth.java')])]),
        entry('/Main.java'),
      ]),
    );
    expect(found.map((c) => c.path)).toEqual(['work/Ship.java', 'work/quay/Berth.java', 'Main.java']);
  });

  it('takes plain files where a browser tells of no entries', async () => {
    const data = { items: [], files: [file('Ship.java')] } as unknown as DataTransfer;
    expect((await dropped(data)).map((c) => c.path)).toEqual(['Ship.java']);
  });
});
