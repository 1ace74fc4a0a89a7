import { ProblemError } from '../api/client';

/** How what is being written stands with the server. */
export type Saving =
  | { kind: 'saved' }
  | { kind: 'waiting' }
  | { kind: 'sending' }
  /** Could not be sent; it is kept in this browser and sent again. */
  | { kind: 'unsent'; why: string }
  /** Would not be taken as it is, and is not sent again before it is changed. */
  | { kind: 'refused'; why: string }
  /** Somebody else wrote meanwhile; a person decides. */
  | { kind: 'conflict'; why: string; theirs: Stored };

/** A text as it is stored. */
export type Stored = { text: string; revision: number };

export type Server = {
  /** Stores a text that was written on a revision, and gives the new revision. */
  save: (text: string, revision: number) => Promise<number>;
  /** Fetches what is stored now. */
  load: () => Promise<Stored>;
};

/** Where what was not sent yet outlives a closed tab. */
export type Shelf = Pick<Storage, 'getItem' | 'setItem' | 'removeItem'>;

/** Milliseconds of quiet after which what was typed is sent. */
export const QUIET = 600;
/** Milliseconds after which what could not be sent is sent again. */
export const AGAIN = 4_000;

/**
 * A text that is saved while it is typed. One save is on its way at a time; what was not sent yet is kept on the shelf; what
 * somebody else wrote meanwhile is taken over where nothing is unsent here, and else shown beside one's own.
 */
export class SavedText {
  private shown: { text: string; saving: Saving };
  private revision: number;
  private unsent: boolean;
  private sending: Promise<void> | undefined;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private readonly listeners = new Set<() => void>();

  /** @param key under which it lies on the shelf, different from all others */
  constructor(
    private readonly key: string,
    stored: Stored,
    private server: Server,
    private readonly shelf: Shelf,
  ) {
    const kept = this.kept();
    this.unsent = kept !== undefined;
    this.revision = (kept ?? stored).revision;
    this.shown = { text: (kept ?? stored).text, saving: { kind: kept ? 'waiting' : 'saved' } };
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  readonly snapshot = () => this.shown;

  /** Others to save to, such as those of a page that was drawn anew. */
  use(server: Server) {
    this.server = server;
  }

  private show(part: Partial<{ text: string; saving: Saving }>) {
    this.shown = { ...this.shown, ...part };
    this.listeners.forEach((l) => l());
  }

  private kept(): Stored | undefined {
    try {
      const kept = this.shelf.getItem(this.key);
      return kept === null ? undefined : (JSON.parse(kept) as Stored);
    } catch {
      return undefined;
    }
  }

  private keep() {
    try {
      if (this.unsent) {
        this.shelf.setItem(this.key, JSON.stringify({ text: this.shown.text, revision: this.revision }));
      } else {
        this.shelf.removeItem(this.key);
      }
    } catch {
      // a browser that keeps nothing still sends everything
    }
  }

  private get undecided() {
    return this.shown.saving.kind === 'conflict';
  }

  readonly change = (text: string) => {
    if (text === this.shown.text) {
      return;
    }
    this.unsent = true;
    this.show(this.undecided ? { text } : { text, saving: { kind: 'waiting' } });
    this.keep();
    if (!this.undecided) {
      this.sendIn(QUIET);
    }
  };

  private sendIn(milliseconds: number) {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.flush(), milliseconds);
  }

  /** Sends what is unsent now; over when it is stored, or cannot be. */
  readonly flush = async (): Promise<void> => {
    clearTimeout(this.timer);
    if (this.sending) {
      await this.sending;
    }
    if (this.unsent && !this.undecided && !this.sending) {
      this.sending = this.send();
      await this.sending;
    }
  };

  private async send() {
    const text = this.shown.text;
    this.show({ saving: { kind: 'sending' } });
    try {
      this.revision = await this.server.save(text, this.revision);
      this.sending = undefined;
      this.unsent = this.shown.text !== text;
      this.keep();
      this.show({ saving: { kind: this.unsent ? 'waiting' : 'saved' } });
      if (this.unsent) {
        this.sendIn(QUIET);
      }
    } catch (error) {
      this.sending = undefined;
      await this.failed(error);
    }
  }

  private async failed(error: unknown) {
    const why = error instanceof Error ? error.message : 'It could not be sent.';
    const status = error instanceof ProblemError ? error.status : 0;
    if (status === 412) {
      try {
        const theirs = await this.server.load();
        if (theirs.text === this.shown.text) {
          // it had arrived, only nobody was left to be told so
          this.settle(theirs, false);
        } else {
          this.show({ saving: { kind: 'conflict', why, theirs } });
        }
        return;
      } catch {
        // what they wrote cannot be had either; it is tried again below
      }
    } else if (status >= 400 && status < 500 && status !== 401) {
      this.show({ saving: { kind: 'refused', why } });
      return;
    }
    this.show({ saving: { kind: 'unsent', why } });
    this.sendIn(AGAIN);
  }

  /** Decides between one's own text and theirs. */
  readonly settle = (theirs: Stored, own: boolean) => {
    this.revision = theirs.revision;
    this.unsent = own;
    this.show(own ? { saving: { kind: 'waiting' } } : { text: theirs.text, saving: { kind: 'saved' } });
    this.keep();
    void this.flush();
  };

  /** Takes over what is stored now, where it is newer and nothing of one's own is unsent. */
  adopt(stored: Stored) {
    if (stored.revision > this.revision && !this.unsent && !this.sending) {
      this.revision = stored.revision;
      this.show({ text: stored.text });
    }
  }
}
