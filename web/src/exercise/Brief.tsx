import Markdown from 'react-markdown';
import rehypeHighlight from 'rehype-highlight';
import remarkGfm from 'remark-gfm';
import java from 'highlight.js/lib/languages/java';

/**
 * A brief as students read it: Markdown with tables and highlighted code. Markup in it is shown as text; pictures are those
 * that lie in the exercise.
 *
 * @param written whether pictures are taken from what is being written rather than from what is in force
 */
export function Brief({ text, exercise, written }: { text: string; exercise: number; written: boolean }) {
  return (
    <div className="reading markdown">
      <Markdown
        remarkPlugins={[remarkGfm]}
        rehypePlugins={[[rehypeHighlight, { languages: { java } }]]}
        urlTransform={(url) =>
          url.startsWith('images/')
            ? `/api/exercises/${exercise}/picture?path=${encodeURIComponent(decodeURI(url))}&written=${written}`
            : /^(https?:|mailto:|#)/.test(url)
              ? url
              : ''
        }
      >
        {text}
      </Markdown>
    </div>
  );
}
