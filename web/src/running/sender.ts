// Sends pending data to the server, one attempt at a time, and retries after a pause.

export class Sender {
  private timer: ReturnType<typeof setTimeout> | undefined;
  private isSending = false;
  private isClosed = false;

  /**
   * @param work sends all that waits by now; fails where the server cannot be reached
   * @param again so long until it is tried again, ms
   * @param onAway told of each attempt that failed
   */
  constructor(
    private readonly work: () => Promise<void>,
    private readonly again: number,
    private readonly onAway?: () => void,
  ) {}

  /** Sends now, unless an attempt is under way. */
  async send(): Promise<void> {
    if (this.isSending || this.isClosed) return;
    this.isSending = true;
    clearTimeout(this.timer);
    try {
      await this.work();
    } catch {
      this.onAway?.();
      this.soon(this.again);
    } finally {
      this.isSending = false;
    }
  }

  /** Sends in a while, ms; an earlier appointment no longer counts. */
  soon(delay: number): void {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.send(), delay);
  }

  close(): void {
    this.isClosed = true;
    clearTimeout(this.timer);
  }
}
