import { type KeptOccasion, type Plan } from '@lupin/core';
import { planned } from '../../core/test-support/planned.ts';
import { host, testApp, type TestApp } from './app.ts';

export const dayUrl = '/api/occasions/sunday-lunch/day';

export interface Sunday {
  readonly server: TestApp;
  readonly plan: Plan;
  /** Asks as the host's own browser does. */
  call<Answer>(
    method: 'GET' | 'PUT' | 'POST' | 'DELETE',
    path: string,
    payload?: unknown,
  ): Promise<{ readonly status: number; readonly body: Answer }>;
  /** Lets so many minutes go by. */
  later(minutes: number): void;
}

let made: Plan | undefined;

/** A server with the demo data and a plan kept for the Sunday lunch, which is the same for every test. */
export async function plannedSunday(): Promise<Sunday> {
  const server = await testApp();
  const call = async <Answer>(method: 'GET' | 'PUT' | 'POST' | 'DELETE', path: string, payload?: unknown) => {
    const response = await server.app.inject({
      method,
      url: path,
      headers: host,
      ...(payload === undefined ? {} : { payload: payload as object }),
    });
    return { status: response.statusCode, body: (response.body === '' ? undefined : response.json()) as Answer };
  };
  if (!made) {
    made = planned((await call<KeptOccasion>('GET', '/api/occasions/sunday-lunch')).body.occasion);
  }
  if ((await call('PUT', '/api/occasions/sunday-lunch/plan', { plan: made })).status !== 204)
    throw new Error('The plan was not kept');
  return {
    server,
    plan: made,
    call,
    later: (minutes) => {
      server.clock.now = new Date(server.clock.now.getTime() + minutes * 60_000);
    },
  };
}
