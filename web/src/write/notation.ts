import {
  autocompletion,
  completionKeymap,
  type CompletionContext,
  type CompletionResult,
} from '@codemirror/autocomplete';
import { StreamLanguage, type StringStream } from '@codemirror/language';
import { setDiagnostics } from '@codemirror/lint';
import type { Extension, Text } from '@codemirror/state';
import { hoverTooltip, keymap, type EditorView } from '@codemirror/view';
import type { Api } from '../api/client';
import { complete, type Sentences } from '../api/notation';

const OPENERS =
  /^(pattern|role|member|same|sign|require|forbid|remark|form|pitfall|scenario|run|tests|values|limit|hint|when)$/;
const WORDS =
  /^(every|some|no|exactly|at|least|most|optional|essential|unlisted|against|operation|field|of|that|or|else|and|nowhere|instead|caught|by|named|like|expect|call|double|new|repeat|times|forget|remember|only|where|shows|settles|answering|with|until)$/;

/** The notation, told apart as far as colouring needs it; the server reads it for good. */
const language = StreamLanguage.define<{ atStart: boolean }>({
  startState: () => ({ atStart: true }),
  token(stream: StringStream, state) {
    if (stream.sol()) {
      state.atStart = true;
    }
    if (stream.eatSpace()) {
      return null;
    }
    if (stream.match('--')) {
      stream.skipToEnd();
      return 'comment';
    }
    if (stream.match(/^"(?:\\.|[^"\\])*"?/)) {
      return 'string';
    }
    if (stream.match(/^-?\d+(\.\d+)?/)) {
      return 'number';
    }
    const word = stream.match(/^[\p{L}\p{N}_-]+/u) as RegExpMatchArray | null;
    if (!word) {
      stream.next();
      return null;
    }
    const first = state.atStart;
    state.atStart = false;
    if (first && OPENERS.test(word[0])) {
      return 'keyword';
    }
    return WORDS.test(word[0])
      ? 'operatorKeyword'
      : /^\p{Lu}/u.test(word[0])
        ? 'variableName.definition'
        : null;
  },
});

/** What a place in the text means: a name's role, or a relation's meaning. */
type Meanings = { names: Map<string, string>; relations: Api<'RelationLine'>[] };

function filled(words: string): RegExp {
  const pattern = words
    .split(' ')
    .map((w) => (/^(ROLE|OPERATION|FIELD)$/.test(w) ? '[\\p{L}\\p{N}_-]+' : w === 'NUMBER' ? '\\d+' : w))
    .join('\\s+');
  return new RegExp(pattern, 'u');
}

/** The meaning of the longest relation that the line says around a column, or of the name that stands there. */
export function meaningAt(line: string, column: number, meanings: Meanings): string | undefined {
  const start = line.slice(0, column).search(/[\p{L}\p{N}_-]*$/u);
  const word = /^[\p{L}\p{N}_-]+/u.exec(line.slice(start))?.[0];
  const name = word && meanings.names.get(word);
  if (name !== undefined) {
    return `${word}: ${name || 'declared in this pattern'}`;
  }
  const found = meanings.relations
    .filter((r) => {
      const said = filled(r.words).exec(line);
      return said && said.index <= column && column <= said.index + said[0].length;
    })
    .sort((a, b) => b.words.length - a.words.length)[0];
  return found && `${found.words}: ${found.meaning}`;
}

function meaningsOf(sentences: Sentences | undefined, relations: Api<'RelationLine'>[]): Meanings {
  return { names: new Map(sentences?.names.map((n) => [n.name, n.doc])), relations };
}

/** What was found at the place, as completions: a relation stands with its words up to the first name. */
async function completions(context: CompletionContext, meanings: Meanings): Promise<CompletionResult | null> {
  const word = context.matchBefore(/[\p{L}\p{N}_-]*/u);
  if (!context.explicit && (!word || word.from === word.to)) {
    return null;
  }
  const found = await complete(context.state.doc.toString(), context.pos);
  return {
    from: found.from,
    options: found.choices.map((c) => {
      const first = c.split(' ').findIndex((w) => /^(ROLE|OPERATION|FIELD|NUMBER)$/.test(w));
      const meaning =
        meanings.names.get(c) ??
        meanings.relations.find((r) => r.words === c || r.words.endsWith(` ${c}`))?.meaning;
      return {
        label: c,
        apply: first < 0 ? c : `${c.split(' ').slice(0, first).join(' ')} `,
        ...(meaning ? { detail: meaning } : {}),
      };
    }),
    validFor: /^[\p{L}\p{N}_-]*$/u,
  };
}

/** Where a mistake stands: from its place to the end of the word there. */
export function rangeOf(doc: Text, mistake: Api<'Mistake'>): { from: number; to: number } {
  const line = doc.line(Math.max(1, Math.min(mistake.line, doc.lines)));
  const from = Math.min(line.from + Math.max(0, mistake.column - 1), line.to);
  const word = /^[^\s,]+/.exec(doc.sliceString(from, line.to))?.[0].length ?? 0;
  return word > 0 ? { from, to: from + word } : { from: Math.max(line.from, from - 1), to: from };
}

/** What the editor is told of the text while it is written; it stays the same object, so that nothing open in the editor closes. */
export class NotationSource {
  private now: Meanings = { names: new Map(), relations: [] };
  private lay: (text: string) => void = () => undefined;

  tell(sentences: Sentences | undefined, relations: Api<'RelationLine'>[], layOut: (text: string) => void) {
    // what was declared in the last text that could be read is better than nothing
    this.now = {
      names: sentences ? meaningsOf(sentences, relations).names : this.now.names,
      relations,
    };
    this.lay = layOut;
  }

  get meanings(): Meanings {
    return this.now;
  }

  layOut(text: string) {
    this.lay(text);
  }
}

/** Underlines mistakes where they stand, in place of those before. */
export function underline(view: EditorView, mistakes: Api<'Mistake'>[]) {
  view.dispatch(
    setDiagnostics(
      view.state,
      mistakes.map((m) => ({ ...rangeOf(view.state.doc, m), severity: 'error', message: m.message })),
    ),
  );
}

/** What the notation adds to an editor: colours, completion, meanings on hover, and a key that lays the text out. */
export function notation(source: NotationSource): Extension {
  return [
    language,
    autocompletion({ override: [(context) => completions(context, source.meanings)], icons: false }),
    hoverTooltip((view, pos) => {
      const line = view.state.doc.lineAt(pos);
      const meaning = meaningAt(line.text, pos - line.from, source.meanings);
      return meaning === undefined
        ? null
        : {
            pos,
            create: () => {
              const dom = document.createElement('div');
              dom.textContent = meaning;
              dom.style.padding = '4px 8px';
              return { dom };
            },
          };
    }),
    keymap.of([
      ...completionKeymap,
      {
        key: 'Alt-l',
        run: (view) => {
          source.layOut(view.state.doc.toString());
          return true;
        },
      },
    ]),
  ];
}
