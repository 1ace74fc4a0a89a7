import { DropdownMenu } from 'radix-ui';
import type { ReactNode } from 'react';

export type Option = { value: string; label: string; about?: string };

/** A part of a sentence that can be chosen: it reads as the sentence's own words, and opens a menu. */
export function Choice(props: {
  label: string;
  value: string;
  shown?: ReactNode;
  options: Option[];
  onChoose: (value: string) => void;
  code?: boolean;
}) {
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger
        aria-label={`${props.label}: ${props.value}`}
        className={`cursor-pointer border-b border-dashed border-soft px-0.5 text-left hover:bg-tint data-[state=open]:bg-tint ${
          props.code ? 'font-code text-[0.86em]' : ''
        }`}
      >
        {props.shown ?? props.value}
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="start"
          collisionPadding={12}
          className="z-20 max-h-[340px] max-w-[460px] overflow-y-auto border border-ink bg-sheet py-1 text-[14px] shadow-[3px_3px_0_var(--rule)]"
        >
          {props.options.map((o) => (
            <DropdownMenu.Item
              key={o.value}
              textValue={o.label}
              onSelect={() => props.onChoose(o.value)}
              className={`cursor-pointer px-3 py-1 outline-none data-[highlighted]:bg-tint ${
                o.value === props.value ? 'font-semibold' : ''
              }`}
            >
              {o.label}
              {o.about && <span className="block text-[13px] font-normal text-soft">{o.about}</span>}
            </DropdownMenu.Item>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

/** What can be done with something, behind one button. */
export function Deeds(props: { label: string; deeds: { text: string; run: () => void; off?: boolean }[] }) {
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger
        aria-label={props.label}
        className="self-start rounded-[3px] px-1.5 text-soft hover:bg-tint hover:text-ink"
      >
        ⋯
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          collisionPadding={12}
          className="z-20 border border-ink bg-sheet py-1 text-[14px] shadow-[3px_3px_0_var(--rule)]"
        >
          {props.deeds.map((d) => (
            <DropdownMenu.Item
              key={d.text}
              disabled={d.off}
              onSelect={d.run}
              className="cursor-pointer px-3 py-1 outline-none data-[disabled]:text-soft data-[highlighted]:bg-tint"
            >
              {d.text}
            </DropdownMenu.Item>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
