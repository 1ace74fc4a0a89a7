import { highlighted, highlightedShort } from './highlight';

const plain = (html: string) => {
  const span = document.createElement('span');
  span.innerHTML = html;
  return span.textContent;
};

describe('source as highlighted lines', () => {
  it('keeps every line as it stands', () => {
    const source = 'class Quay {\n  int berths = 3; // <b>&amp;\n\n}';

    expect(highlighted(source, 'Quay.java').map(plain)).toEqual(source.split('\n'));
  });

  it('knows that a comment goes on over the ends of lines', () => {
    const lines = highlighted('/* return\n if class\n*/ int x;', 'Quay.java');

    expect(lines[1]).toContain('hljs-comment');
    expect(lines[1]).not.toContain('hljs-keyword');
    expect(lines[2]).toContain('hljs-type');
  });

  it('knows that a text block is text', () => {
    const lines = highlighted('String s = """\n  return new Quay();\n  """;\nint x;', 'Quay.java');

    expect(lines[1]).toContain('hljs-string');
    expect(lines[1]).not.toContain('hljs-keyword');
    expect(lines[3]).toContain('hljs-type');
  });

  it('cuts a line that is too long, and goes on as if nothing were open', () => {
    const lines = highlightedShort(`int a;\nString s = "${'x'.repeat(20_000)}";\nreturn a;`, 'Quay.java');

    expect(lines).toHaveLength(3);
    expect(plain(lines[1]!)).toHaveLength(2_002);
    expect(lines[2]).toContain('hljs-keyword');
  });

  it('shows characters that cannot be seen', () => {
    const [line] = highlighted('boolean \u202eadmin\u2066; \u0007', 'Quay.java');

    expect(plain(line!)).toBe('boolean ⟨U+202E⟩admin⟨U+2066⟩; ⟨U+0007⟩');
  });

  it('tells languages apart by the names of files', () => {
    const source = 'def ring(self):\n    return None';

    expect(highlighted(source, 'tower/bell.py')[0]).toContain('hljs-keyword');
    expect(highlighted('const bell = () => 3;', 'bell.mjs')[0]).toContain('hljs-keyword');
    expect(highlighted('type Bell = { ring(): void };', 'bell.ts')[0]).toContain('hljs-keyword');
  });
});
