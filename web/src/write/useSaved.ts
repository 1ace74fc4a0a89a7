import { useEffect, useState, useSyncExternalStore } from 'react';
import { SavedText, type Server, type Stored } from './SavedText';

/**
 * A text that is saved while it is typed, for as long as it is on the page.
 *
 * @param name tells the text apart from all others
 * @param stored as the server has it; a newer one may come at any time
 */
export function useSaved(name: string, stored: Stored, save: Server['save'], load: Server['load']) {
  const [saved] = useState(() => new SavedText(`unsent ${name}`, stored, { save, load }, localStorage));
  const { text, saving } = useSyncExternalStore(saved.subscribe, saved.snapshot);
  useEffect(() => saved.use({ save, load }), [saved, save, load]);
  useEffect(
    () => saved.adopt({ text: stored.text, revision: stored.revision }),
    [saved, stored.text, stored.revision],
  );
  // what was kept from before is sent, and what is left when the page goes is sent at once
  useEffect(() => {
    const send = () => void saved.flush();
    send();
    window.addEventListener('pagehide', send);
    window.addEventListener('online', send);
    return () => {
      window.removeEventListener('pagehide', send);
      window.removeEventListener('online', send);
      send();
    };
  }, [saved]);
  return { text, saving, change: saved.change, settle: saved.settle, flush: saved.flush };
}
