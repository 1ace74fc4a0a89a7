export interface Logger {
  info(text: string): void;
  error(text: string, cause?: unknown): void;
  child(name: string): Logger;
}

export class ListLogger implements Logger {
  constructor(private readonly lines: string[] = [], private readonly prefix = '') {}
  info(text: string): void { this.lines.push(`${this.prefix}${text}`); }
  error(text: string, cause?: unknown): void {
    this.lines.push(`${this.prefix}! ${text}${cause ? ` (${cause})` : ''}`);
  }
  child(name: string): Logger { return new ListLogger(this.lines, `${this.prefix}${name}: `); }
  all(): readonly string[] { return this.lines; }
}

class SilentLogger implements Logger {
  count = 0;
  info(): void { this.count++; console.log('logged nothing', this.count); }
  error(): void {}
  child(): Logger { return this; }
}

export const silent: Logger = new SilentLogger();

export class Lock {
  private level = 0;
  constructor(private readonly logger: Logger = silent) {}
  raise(by: number): number {
    if (by <= 0) {
      this.logger.error('cannot raise', by);
      return this.level;
    }
    this.level += by;
    this.logger.info(`at ${this.level}`);
    return this.level;
  }
}

const logger = new ListLogger();
new Lock(logger.child('north')).raise(3);
new Lock(logger).raise(-1);
console.log(new Lock().raise(2), logger.all());
