import { highlighted, highlightedShort } from './highlight';

const plain = (html: string) => {
  const span = document.createElement('span');
  span.innerHTML = html;
  return span.textContent;
};

describe('source as highlighted lines', () => {
  it('keeps every line as it stands', () => {
    const source = 'class Quay {\n  int berths = 3; // <b>&amp;\n\n}';

    expect(highlighted(source).map(plain)).toEqual(source.split('\n'));
  });

  it('knows that a comment goes on over the ends of lines', () => {
    const lines = highlighted('/* return\n if class\n*/ int x;');

    expect(lines[1]).toContain('hljs-comment');
    expect(lines[1]).not.toContain('hljs-keyword');
    expect(lines[2]).toContain('hljs-type');
  });

  it('knows that a text block is text', () => {
    const lines = highlighted('String s = """\n  return new Quay();\n  """;\nint x;');

    expect(lines[1]).toContain('hljs-string');
    expect(lines[1]).not.toContain('hljs-keyword');
    expect(lines[3]).toContain('hljs-type');
  });

  it('cuts a line that is too long, and goes on as if nothing were open', () => {
    const lines = highlightedShort(`int a;\nString s = "${'x'.repeat(20_000)}";\nreturn a;`);

    expect(lines).toHaveLength(3);
    expect(plain(lines[1]!)).toHaveLength(2_002);
    expect(lines[2]).toContain('hljs-keyword');
  });

  it('shows characters that cannot be seen', () => {
    const [line] = highlighted('boolean \u202eadmin\u2066; \u0007');

    expect(plain(line!)).toBe('boolean ⟨U+202E⟩admin⟨U+2066⟩; ⟨U+0007⟩');
  });
});
