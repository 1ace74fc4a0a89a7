let last = 100;

export function next() {
  last += 1;
  return last;
}
