/** Every error the API gives, once. RFC 9457: `type` is urn:lupin:problem:<code>. */
export const problemCodes = {
  'malformed-json': { status: 400, title: 'The body is not JSON.' },
  'wrong-host': { status: 403, title: 'This server answers to this machine only.' },
  'not-joined': { status: 401, title: 'This device has not joined.' },
  'not-allowed': { status: 403, title: 'A joined device may not do that.' },
  'wrong-code': { status: 403, title: 'That is not the code.' },
  'too-many-tries': { status: 429, title: 'Too many wrong codes.' },
  'sharing-off': { status: 409, title: 'Sharing is switched off.' },
  'sharing-failed': { status: 409, title: 'Sharing could not be switched on.' },
  'unknown-occasion': { status: 404, title: 'There is no such occasion.' },
  'unknown-revision': { status: 404, title: 'There is no such revision.' },
  'unknown-entry': { status: 404, title: 'Nothing is kept under this id.' },
  'no-plan': { status: 404, title: 'No plan is kept for this occasion.' },
  'no-day': { status: 404, title: 'The day has not been begun.' },
  'unknown-device': { status: 404, title: 'There is no such device.' },
  'not-found': { status: 404, title: 'There is nothing at this address.' },
  'stale-revision': { status: 409, title: 'Somebody has changed it meanwhile.' },
  'occasion-exists': { status: 409, title: 'There is an occasion with this id.' },
  'recipe-in-use': { status: 409, title: 'Another recipe is made with it.' },
  'day-begun': { status: 409, title: 'The day has been begun already.' },
  'day-ended': { status: 409, title: 'The day is over.' },
  'another-day': { status: 409, title: 'Another day has been begun meanwhile.' },
  'stale-mend': { status: 409, title: 'The day has been mended meanwhile.' },
  'not-a-rehearsal': { status: 409, title: 'That is for rehearsals only.' },
  'a-rehearsal': { status: 409, title: 'A rehearsal has devices of its own.' },
  'stale-plan': { status: 409, title: 'The plan rests on an older state of the occasion.' },
  'too-large': { status: 413, title: 'The body is larger than 4 MB.' },
  'wrong-media-type': { status: 415, title: 'The body must be application/json.' },
  'invalid-field': { status: 422, title: 'Something in it is not right.' },
  'plan-has-findings': { status: 422, title: 'The audit objects to this plan.' },
  'mend-has-findings': { status: 422, title: 'The audit objects to this mend.' },
  'no-plan-possible': { status: 422, title: 'No plan holds all of this.' },
  internal: { status: 500, title: 'Something went wrong here; nothing was changed.' },
} as const;

export type ProblemCode = keyof typeof problemCodes;

export interface FieldError {
  /** JSON Pointer (RFC 6901) to the field. */
  readonly pointer: string;
  readonly message: string;
}

/** A problem to be answered with; thrown by routes and turned into application/problem+json. */
export class Problem extends Error {
  constructor(
    readonly code: ProblemCode,
    readonly detail = '',
    readonly extra: Readonly<Record<string, unknown>> = {},
  ) {
    super(detail || problemCodes[code].title);
  }

  get status(): number {
    return problemCodes[this.code].status;
  }

  body(instance: string): Record<string, unknown> {
    return {
      type: `urn:lupin:problem:${this.code}`,
      title: problemCodes[this.code].title,
      status: this.status,
      code: this.code,
      ...(this.detail ? { detail: this.detail } : {}),
      instance,
      ...this.extra,
    };
  }
}
