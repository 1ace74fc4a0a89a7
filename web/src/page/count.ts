const words = [
  'No',
  'One',
  'Two',
  'Three',
  'Four',
  'Five',
  'Six',
  'Seven',
  'Eight',
  'Nine',
  'Ten',
  'Eleven',
  'Twelve',
];

/** Small numbers in words, as at the start of a sentence. */
export function inWords(n: number): string {
  return words[n] ?? String(n);
}

export function lower(text: string): string {
  return text.charAt(0).toLowerCase() + text.slice(1);
}

/** Points without needless decimals: 2, 2.5, 2.25. */
export function points(n: number): string {
  return String(n);
}

export function capitalised(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

/** A number of things: "1 check", "3 checks". */
export function counted(n: number, thing: string): string {
  return `${n} ${thing}${n === 1 ? '' : 's'}`;
}
