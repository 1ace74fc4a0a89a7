import type { Chosen } from '../api/client';

/** Files as a file chooser gives them, with their paths where a folder was chosen. */
export function chosenIn(list: FileList | null): Chosen[] {
  return list ? [...list].map((file) => ({ path: file.webkitRelativePath || file.name, file })) : [];
}

async function entriesOf(folder: FileSystemDirectoryEntry): Promise<FileSystemEntry[]> {
  const reader = folder.createReader();
  const all: FileSystemEntry[] = [];
  // a folder is told in portions, until one is empty
  for (;;) {
    const some = await new Promise<FileSystemEntry[]>((done, failed) => reader.readEntries(done, failed));
    if (some.length === 0) {
      return all;
    }
    all.push(...some);
  }
}

async function within(entry: FileSystemEntry): Promise<Chosen[]> {
  if (entry.isFile) {
    const file = await new Promise<File>((done, failed) => (entry as FileSystemFileEntry).file(done, failed));
    return [{ path: entry.fullPath.replace(/^\//, ''), file }];
  }
  const entries = await entriesOf(entry as FileSystemDirectoryEntry);
  return (await Promise.all(entries.map(within))).flat();
}

/** What was dropped: files, and whatever lies in the folders. */
export async function dropped(data: DataTransfer): Promise<Chosen[]> {
  const entries = [...data.items].map((i) => i.webkitGetAsEntry()).filter((e) => e !== null);
  return entries.length > 0
    ? (await Promise.all(entries.map(within))).flat()
    : [...data.files].map((file) => ({ path: file.name, file }));
}
