import type { Occasion } from '@lupin/core';
import { FakeServer } from '../../test-support/fakeServer.ts';
import { demo } from '../../../core/test-support/demo.ts';

// The store reads the browser's storage and fetches from a relative address; both are stood in for before it is loaded.
const RealRequest = globalThis.Request;
class LocalRequest extends RealRequest {
  constructor(input: RequestInfo | URL, init?: RequestInit) {
    super(typeof input === 'string' && input.startsWith('/') ? `http://127.0.0.1${input}` : input, init);
  }
}
Object.assign(globalThis, { localStorage: { getItem: () => null, setItem: () => undefined }, Request: LocalRequest });

async function ready() {
  jest.resetModules();
  const server = new FakeServer(demo('sunday-lunch'));
  globalThis.fetch = server.fetch as typeof fetch;
  const { store } = await import('./store.ts');
  const { api } = await import('./api.ts');
  const editing = await import('./editing.ts');
  const id = 'sunday-lunch';
  await store.dispatch(api.endpoints.occasion.initiate(id));
  const shown = () => api.endpoints.occasion.select(id)(store.getState()).data!;
  /** Waits for what must come true, however slow the machine is. */
  const until = async (come: () => boolean) => {
    for (let i = 0; i < 2000 && !come(); i++) await new Promise((resolve) => setTimeout(resolve, 5));
    expect(come()).toBe(true);
  };
  const note =
    (text: string) =>
    (one: Occasion): Occasion => ({ ...one, note: text });
  return { server, store, editing, id, shown, until, note };
}

test('a change is on the screen at once and on disk soon after', async () => {
  const { server, store, editing, id, shown, until, note } = await ready();
  expect(store.dispatch(editing.editOccasion(id, note('now')))).toBeUndefined();
  expect(shown().occasion.note).toBe('now');
  await until(() => shown().revision === 2);
  expect(server.latest.note).toBe('now');
});

test('quick changes go out one after the other, each on the revision before it; none is lost', async () => {
  const { server, store, editing, id, until, note } = await ready();
  for (let i = 1; i <= 5; i++) store.dispatch(editing.editOccasion(id, note(`note ${i}`)));
  await until(() => server.revisions.length === 6);
  expect(server.revisions.map((one) => one.note).slice(1)).toEqual(['note 1', 'note 2', 'note 3', 'note 4', 'note 5']);
  expect(store.getState().notices.trouble).toBeNull();
});

test('undo and redo walk the revisions', async () => {
  const { server, store, editing, id, shown, until, note } = await ready();
  const before = shown().occasion.note;
  store.dispatch(editing.editOccasion(id, note('one')));
  store.dispatch(editing.editOccasion(id, note('two')));
  await until(() => shown().revision === 3);
  store.dispatch(editing.undo(id));
  await until(() => shown().revision === 4);
  expect(shown().occasion.note).toBe('one');
  store.dispatch(editing.undo(id));
  await until(() => shown().revision === 5);
  expect(server.latest.note).toBe(before);
  store.dispatch(editing.redo(id));
  await until(() => shown().revision === 6);
  expect(shown().occasion.note).toBe('one');
});

test('what the model does not allow is said and never sent', async () => {
  const { server, store, editing, id, shown } = await ready();
  expect(store.dispatch(editing.editOccasion(id, (one) => ({ ...one, name: '' })))).toBe('A name is needed.');
  expect(server.writes).toBe(0);
  expect(shown().occasion.name).toBe('Sunday lunch');
});

test('what the server refuses is taken back and said', async () => {
  const { server, store, editing, id, shown, until, note } = await ready();
  server.mode = 'refuse';
  store.dispatch(editing.editOccasion(id, note('refused')));
  await until(() => store.getState().notices.trouble?.includes('Something in it is not right.') === true);
  await until(() => shown().occasion.note === server.latest.note);
});

test('when the server is away, what was typed stays on the screen and it is said', async () => {
  const { server, store, editing, id, shown, until, note } = await ready();
  server.mode = 'away';
  store.dispatch(editing.editOccasion(id, note('typed')));
  await until(() => store.getState().notices.trouble?.includes('does not answer') === true);
  expect(shown().occasion.note).toBe('typed');
  server.mode = 'ok';
  store.dispatch(editing.editOccasion(id, (one) => ({ ...one, serveAt: '13:15' })));
  await until(() => store.getState().notices.trouble === null);
  expect(server.latest).toMatchObject({ note: 'typed', serveAt: '13:15' });
});
