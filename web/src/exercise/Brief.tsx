import Markdown from 'react-markdown';
import rehypeHighlight from 'rehype-highlight';
import remarkGfm from 'remark-gfm';
import java from 'highlight.js/lib/languages/java';

/**
 * A brief as students read it: Markdown with tables and highlighted code. Markup in it is shown as text; pictures are those
 * that lie in the exercise.
 *
 * @param own whether a student reads it
 * @param written whether pictures are taken from what is being written rather than from what is in force
 */
export function Brief(props: { text: string; exercise: number; written: boolean; own?: boolean }) {
  const { text, exercise, written } = props;
  return (
    <div className="reading markdown">
      <Markdown
        remarkPlugins={[remarkGfm]}
        rehypePlugins={[[rehypeHighlight, { languages: { java } }]]}
        urlTransform={(url) =>
          url.startsWith('images/')
            ? `/api/exercises/${exercise}/${props.own ? 'mine/' : ''}picture?path=${encodeURIComponent(decodeURI(url))}${props.own ? '' : `&written=${written}`}`
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
