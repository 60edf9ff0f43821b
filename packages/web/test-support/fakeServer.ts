import type { Occasion, ProblemDocument } from '@lupin/core';

/** A stand-in for the API that keeps revisions as the real one does, and can be told to refuse or to be away. */
export class FakeServer {
  readonly revisions: Occasion[] = [];
  mode: 'ok' | 'away' | 'refuse' = 'ok';
  writes = 0;

  constructor(first: Occasion) {
    this.revisions.push(first);
  }

  get latest(): Occasion {
    return this.revisions.at(-1)!;
  }

  readonly fetch = async (input: Request): Promise<Response> => {
    if (this.mode === 'away') throw new TypeError('Failed to fetch');
    const body =
      input.method === 'GET'
        ? undefined
        : ((await input.json()) as { baseRevision: number; occasion?: Occasion; revision?: number });
    if (!body) return this.answer(200, { revision: this.revisions.length, occasion: this.latest });
    this.writes++;
    if (this.mode === 'refuse') return this.problem(422, 'invalid-field', 'Something in it is not right.');
    if (body.baseRevision !== this.revisions.length)
      return this.problem(409, 'stale-revision', 'Somebody has changed it meanwhile.');
    this.revisions.push(body.occasion ?? this.revisions[body.revision! - 1]!);
    return this.answer(200, { revision: this.revisions.length, occasion: this.latest });
  };

  private answer(status: number, data: unknown, type = 'application/json'): Response {
    return new Response(JSON.stringify(data), { status, headers: { 'content-type': type } });
  }

  private problem(status: number, code: string, title: string): Response {
    const problem: ProblemDocument = { type: `urn:lupin:problem:${code}`, status, code, title };
    return this.answer(status, problem, 'application/problem+json');
  }
}
