/** The languages that solutions can be written in, by their names in settings. */
export const LANGUAGES = {
  java: { title: 'Java', endings: ['.java'] },
  python: { title: 'Python', endings: ['.py'] },
  javascript: { title: 'JavaScript', endings: ['.js', '.mjs', '.cjs'] },
  typescript: { title: 'TypeScript', endings: ['.ts', '.mts', '.cts'] },
} as const;

export type LanguageId = keyof typeof LANGUAGES;

const endings = Object.values(LANGUAGES).flatMap((l) => l.endings as readonly string[]);

/** What a chooser of source files takes. */
export const SOURCES = endings.join(',');

/** Whether a file is a source, by its name. */
export function isSource(path: string): boolean {
  return endings.some((e) => path.endsWith(e));
}

/** The language of a file, by its name; Java where that says nothing. */
export function languageOf(path: string): LanguageId {
  const found = Object.entries(LANGUAGES).find(([, l]) => l.endings.some((e) => path.endsWith(e)));
  return (found?.[0] ?? 'java') as LanguageId;
}

/** What a file begins with. */
export function begun(path: string): string {
  const name = path.slice(path.lastIndexOf('/') + 1).replace(/\.\w+$/, '');
  const type = name.replace(/(^|[-_])(\w)/g, (_, __, letter: string) => letter.toUpperCase());
  switch (languageOf(path)) {
    case 'java':
      return `public class ${name} {\n}\n`;
    case 'python':
      return `class ${type}:\n    pass\n`;
    default:
      return `export class ${type} {\n}\n`;
  }
}
