import * as Plot from '@observablehq/plot';
import { useEffect, useRef, type ReactNode } from 'react';
import { saveSvg } from '../diagram/save';

/** The picture itself, which comes after those of its legend. */
function mainOf(drawn: Element): SVGSVGElement | undefined {
  return drawn instanceof SVGSVGElement ? drawn : [...drawn.querySelectorAll('svg')].at(-1);
}

/**
 * A picture with what it says in a table below it, and a way to keep it.
 *
 * @param options how it is drawn; another object draws it anew
 * @param table the same in figures
 */
export function Plotted(props: {
  title: string;
  about: string;
  options: Plot.PlotOptions;
  table: ReactNode;
  children?: ReactNode;
}) {
  const { options, about } = props;
  const place = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const drawn = Plot.plot({
      width: 900,
      style: {
        background: 'none',
        color: 'var(--ink)',
        fontFamily: 'inherit',
        fontSize: '13px',
        overflow: 'visible',
      },
      ...options,
    });
    const svg = mainOf(drawn);
    // the whole is one picture, told in one sentence and in the table
    drawn.querySelectorAll('[aria-label]').forEach((e) => e.removeAttribute('aria-label'));
    svg?.setAttribute('role', 'img');
    svg?.setAttribute('aria-label', about);
    place.current?.replaceChildren(drawn);
    return () => drawn.remove();
  }, [options, about]);
  const keep = () => {
    const svg = place.current && mainOf(place.current);
    if (svg) {
      svg.setAttribute('data-whole', svg.getAttribute('viewBox') ?? '0 0 900 400');
      saveSvg(svg, props.title);
    }
  };
  return (
    <section aria-label={props.title} className="mt-8">
      <div className="flex flex-wrap items-baseline gap-x-5 border-b border-rule pb-1">
        <h2 className="flex-1 text-[21px]">{props.title}</h2>
        {props.children}
        <button type="button" className="quiet text-[13.5px]" onClick={keep}>
          Keep as SVG
        </button>
      </div>
      <div ref={place} className="mt-3 overflow-x-auto" />
      <details className="mt-2 text-[14px]">
        <summary className="quiet w-fit">The same as a table</summary>
        {props.table}
      </details>
    </section>
  );
}
