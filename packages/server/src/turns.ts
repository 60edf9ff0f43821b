/** Writes follow each other, so that "read the revision, then write the next" cannot interleave. */
export class Turns {
  private last: Promise<unknown> = Promise.resolve();

  take<T>(work: () => Promise<T>): Promise<T> {
    const next = this.last.then(work, work);
    this.last = next.catch(() => undefined);
    return next;
  }
}
