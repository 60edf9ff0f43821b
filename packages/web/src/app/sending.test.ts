import { api } from './api.ts';
import { savingEnded, savingStarted } from './notices.ts';
import { isSending, store } from './store.ts';

test('what is on its way to where it is kept is known until it is there', () => {
  const sending = () => isSending(store.getState());
  expect(sending()).toBe(false);
  store.dispatch(savingStarted());
  expect(sending()).toBe(true);
  store.dispatch(savingEnded());
  expect(sending()).toBe(false);
  const state = store.getState();
  const withOne = (status: string) =>
    isSending({ ...state, [api.reducerPath]: { ...state[api.reducerPath], mutations: { one: { status } } } } as never);
  expect([withOne('pending'), withOne('fulfilled'), withOne('rejected')]).toEqual([true, false, false]);
});
