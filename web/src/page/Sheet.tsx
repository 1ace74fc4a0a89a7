import { Dialog } from 'radix-ui';
import type { ReactNode } from 'react';

/**
 * A sheet that lies over the page until it is dealt with.
 *
 * @param about what it is for, in a sentence; may be left out
 */
export function OverSheet(props: {
  title: string;
  about?: ReactNode;
  open: boolean;
  onClose: () => void;
  children: ReactNode;
}) {
  return (
    <Dialog.Root open={props.open} onOpenChange={(open) => !open && props.onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-30 bg-[color-mix(in_srgb,var(--ink)_28%,transparent)]" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-[6vh] left-1/2 z-40 max-h-[88vh] w-[min(680px,94vw)] -translate-x-1/2 overflow-y-auto border border-ink bg-sheet p-6 shadow-[4px_4px_0_var(--rule)]"
        >
          <Dialog.Title className="text-[21px]">{props.title}</Dialog.Title>
          {props.about && <div className="reading mt-1 text-soft">{props.about}</div>}
          {props.children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
