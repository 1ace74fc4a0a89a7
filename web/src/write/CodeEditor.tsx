import { defaultKeymap, history, historyKeymap } from '@codemirror/commands';
import { bracketMatching, HighlightStyle, syntaxHighlighting } from '@codemirror/language';
import { Compartment, EditorState, type Extension } from '@codemirror/state';
import { drawSelection, EditorView, highlightActiveLine, keymap, lineNumbers } from '@codemirror/view';
import { tags } from '@lezer/highlight';
import { useEffect, useRef } from 'react';

/** Told apart by weight and slant as everywhere; the pigments are taken. */
const style = HighlightStyle.define([
  { tag: [tags.keyword, tags.heading, tags.strong], fontWeight: '700' },
  { tag: tags.comment, color: 'var(--soft)', fontStyle: 'italic' },
  { tag: [tags.string, tags.number, tags.link, tags.monospace], color: 'var(--slate)' },
  { tag: tags.operatorKeyword, color: 'var(--soft)' },
  { tag: tags.emphasis, fontStyle: 'italic' },
  { tag: tags.definition(tags.variableName), fontWeight: '700' },
]);

const theme = EditorView.theme({
  '&': { backgroundColor: 'var(--sheet)', color: 'var(--ink)', fontSize: '13.5px' },
  '&.cm-focused': { outline: '2px solid var(--slate)', outlineOffset: '1px' },
  '.cm-scroller': { overflow: 'auto' },
  '.cm-content': { fontFamily: 'var(--font-code)', caretColor: 'var(--ink)', padding: '8px 0' },
  '.cm-gutters': {
    backgroundColor: 'var(--paper)',
    color: 'var(--soft)',
    border: 'none',
    borderRight: '1px solid var(--rule)',
  },
  '&:not(.cm-focused) .cm-activeLine, &:not(.cm-focused) .cm-activeLineGutter': {
    backgroundColor: 'transparent',
  },
  '.cm-activeLine': { backgroundColor: 'color-mix(in srgb, var(--tint) 45%, transparent)' },
  '.cm-activeLineGutter': { backgroundColor: 'var(--tint)' },
  '.cm-cursor': { borderLeftColor: 'var(--ink)' },
  '&.cm-focused .cm-selectionBackground, .cm-selectionBackground': {
    backgroundColor: 'var(--slate-wash) !important',
  },
  '.cm-tooltip': {
    backgroundColor: 'var(--sheet)',
    color: 'var(--ink)',
    border: '1px solid var(--ink)',
    borderRadius: '0',
    boxShadow: '3px 3px 0 var(--rule)',
    fontFamily: 'var(--font-ui)',
    fontSize: '13.5px',
    maxWidth: '520px',
  },
  '.cm-tooltip.cm-tooltip-autocomplete > ul > li': { padding: '3px 8px' },
  '.cm-tooltip-autocomplete ul li[aria-selected]': {
    backgroundColor: 'var(--tint)',
    color: 'var(--ink)',
  },
  '.cm-completionLabel': { fontFamily: 'var(--font-code)' },
  '.cm-completionDetail': { color: 'var(--soft)', fontStyle: 'italic' },
  '.cm-diagnostic-error': { borderLeftColor: 'var(--madder)' },
  '.cm-lintRange-error': {
    backgroundImage: 'none',
    textDecoration: 'underline wavy var(--madder)',
    textUnderlineOffset: '3px',
  },
});

/** The smallest change that makes one text of another, so that cursor and undo stay where they were. */
export function changeBetween(before: string, after: string): { from: number; to: number; insert: string } {
  let start = 0;
  const shorter = Math.min(before.length, after.length);
  while (start < shorter && before[start] === after[start]) {
    start++;
  }
  let end = 0;
  while (end < shorter - start && before[before.length - 1 - end] === after[after.length - 1 - end]) {
    end++;
  }
  return { from: start, to: before.length - end, insert: after.slice(start, after.length - end) };
}

/**
 * A text to be written, with line numbers, undo and redo. Tab leaves the field; what a language adds comes as extensions.
 *
 * @param extensions read anew whenever they are others
 * @param onReady told the view once it is there
 */
export function CodeEditor(props: {
  value: string;
  onChange?: (value: string) => void;
  label: string;
  extensions?: Extension;
  numbers?: boolean;
  wrap?: boolean;
  tall?: boolean;
  onReady?: (view: EditorView) => void;
}) {
  const place = useRef<HTMLDivElement>(null);
  const view = useRef<EditorView>(undefined);
  const language = useRef(new Compartment());
  const onChange = useRef(props.onChange);
  const starting = useRef(props);
  useEffect(() => {
    onChange.current = props.onChange;
  });

  useEffect(() => {
    const first = starting.current;
    const made = new EditorView({
      parent: place.current!,
      state: EditorState.create({
        doc: first.value,
        extensions: [
          first.numbers ? lineNumbers() : [],
          first.wrap ? EditorView.lineWrapping : [],
          history(),
          drawSelection(),
          highlightActiveLine(),
          bracketMatching(),
          keymap.of([...defaultKeymap, ...historyKeymap]),
          syntaxHighlighting(style),
          theme,
          EditorView.contentAttributes.of({ 'aria-label': first.label, tabindex: '0' }),
          EditorState.readOnly.of(first.onChange === undefined),
          EditorView.updateListener.of((update) => {
            if (update.docChanged) {
              onChange.current?.(update.state.doc.toString());
            }
          }),
          language.current.of(first.extensions ?? []),
        ],
      }),
    });
    view.current = made;
    first.onReady?.(made);
    return () => made.destroy();
  }, []);

  useEffect(() => {
    const v = view.current;
    const now = v?.state.doc.toString();
    if (v && now !== undefined && now !== props.value) {
      v.dispatch({ changes: changeBetween(now, props.value) });
    }
  }, [props.value]);

  useEffect(() => {
    view.current?.dispatch({ effects: language.current.reconfigure(props.extensions ?? []) });
  }, [props.extensions]);

  return (
    <div
      ref={place}
      className={`border border-rule ${
        props.tall
          ? '[&_.cm-editor]:max-h-[70vh] [&_.cm-editor]:min-h-[320px]'
          : '[&_.cm-editor]:max-h-[440px] [&_.cm-editor]:min-h-[160px]'
      }`}
    />
  );
}
