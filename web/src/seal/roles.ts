/** How many kinds of hatching there are; a role's is chosen by its place in the pattern. */
export const HATCHINGS = 6;

/** The two letters on a role's seal: first letters of its words, or of its one word, told apart from those before it. */
export function initials(roles: string[]): Map<string, string> {
  const letters = new Map<string, string>();
  const taken = new Set<string>();
  for (const role of roles) {
    const words = role.match(/[A-Z][a-z0-9]*/g) ?? [role];
    const choices = [
      words.length > 1 ? words[0]![0]! + words[1]![0]! : role.slice(0, 2),
      ...Array.from({ length: Math.max(0, role.length - 1) }, (_, i) => role[0]! + role[i + 1]!),
    ];
    const free = choices.find((c) => !taken.has(c)) ?? role.slice(0, 2);
    taken.add(free);
    letters.set(role, free);
  }
  return letters;
}

/** `ConcreteStrategy` as `Concrete strategy`. */
export function spoken(role: string): string {
  const words = role.replace(/([a-z])([A-Z])/g, '$1 $2').toLowerCase();
  return words[0]!.toUpperCase() + words.slice(1);
}
