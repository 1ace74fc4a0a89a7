/** What names of sources end with, as words: those that few use are left out. */
export function inList(endings: string[]): string {
  const usual = endings.filter((e) => !/^\.[cm]|x$/.test(e));
  return usual.length < 2 ? usual.join('') : `${usual.slice(0, -1).join(', ')} or ${usual.at(-1)!}`;
}
