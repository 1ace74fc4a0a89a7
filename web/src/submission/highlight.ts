import hljs from 'highlight.js/lib/core';
import java from 'highlight.js/lib/languages/java';
import javascript from 'highlight.js/lib/languages/javascript';
import python from 'highlight.js/lib/languages/python';
import typescript from 'highlight.js/lib/languages/typescript';
import { languageOf } from '../write/languages';

hljs.registerLanguage('java', java);
hljs.registerLanguage('python', python);
hljs.registerLanguage('javascript', javascript);
hljs.registerLanguage('typescript', typescript);

/** Characters that cannot be seen, or that turn the direction of reading, are shown by their number. */
const HIDDEN = /[\p{Cc}\p{Cf}\p{Zl}\p{Zp}]/gu;

function shown(character: string): string {
  if (character === '\t') {
    return character;
  }
  const number = character.codePointAt(0)!.toString(16).toUpperCase().padStart(4, '0');
  return `<span class="hidden-character" title="A character that cannot be seen">⟨U+${number}⟩</span>`;
}

/** Characters of a line that are shown; what is longer is no line that somebody wrote to be read. */
const LONGEST = 2_000;

/** The same, with lines that are too long cut off; each of these by itself, since what is cut may leave a text open. */
export function highlightedShort(source: string, path: string): string[] {
  const parts: string[][] = [[]];
  for (const line of source.split('\n')) {
    if (line.length > LONGEST) {
      parts.push([`${line.slice(0, LONGEST)} …`], []);
    } else {
      parts.at(-1)!.push(line);
    }
  }
  return parts.filter((p) => p.length > 0).flatMap((p) => highlighted(p.join('\n'), path));
}

const remembered = new Map<string, string[]>();
const REMEMBERED = 60;

/**
 * Source as highlighted lines. The whole is highlighted and then cut, since a comment or a text may go over many lines. The
 * highlighter escapes the text, so that its answer can be shown as it is.
 */
export function highlighted(source: string, path: string): string[] {
  const language = languageOf(path);
  const key = `${language}:${source}`;
  const known = remembered.get(key);
  if (known) {
    return known;
  }
  const html = hljs.highlight(source.replace(/\r\n?/g, '\n'), {
    language,
    ignoreIllegals: true,
  }).value;
  const lines = cut(html).map((line) => line.replace(HIDDEN, shown));
  if (remembered.size >= REMEMBERED) {
    remembered.delete(remembered.keys().next().value!);
  }
  remembered.set(key, lines);
  return lines;
}

/** Cuts markup at the ends of its lines; what is open there is closed, and opened again on the next. */
function cut(html: string): string[] {
  const open: string[] = [];
  return html.split('\n').map((line) => {
    const before = open.join('');
    for (const [tag] of line.matchAll(/<span[^>]*>|<\/span>/g)) {
      if (tag === '</span>') {
        open.pop();
      } else {
        open.push(tag);
      }
    }
    return before + line + '</span>'.repeat(open.length);
  });
}
