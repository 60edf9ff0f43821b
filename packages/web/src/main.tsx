import '@fontsource-variable/fraunces';
import '@fontsource-variable/atkinson-hyperlegible-next';
import './app/styles.css';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { RouterProvider } from 'react-router/dom';
import { router } from './app/router.tsx';
import { isSending, store } from './app/store.ts';
import { Themed } from './app/Themed.tsx';

createRoot(document.getElementById('root')!).render(
  <Provider store={store}>
    <Themed>
      <RouterProvider router={router} />
    </Themed>
  </Provider>,
);

// Whoever leaves in the moment between a change and its keeping is asked first.
window.addEventListener('beforeunload', (event) => {
  if (isSending(store.getState())) event.preventDefault();
});

if (import.meta.env.PROD && 'serviceWorker' in navigator) {
  // What was loaded before the worker was there is put into its keeping too.
  const loaded = () =>
    performance
      .getEntriesByType('resource')
      .map((entry) => entry.name)
      .filter((name) => new URL(name).pathname.startsWith('/assets/'));
  navigator.serviceWorker
    .register('/sw.js')
    .then(() => navigator.serviceWorker.ready)
    .then(() => caches.open('lupin-shell-1'))
    .then((cache) =>
      Promise.all(
        [...new Set(loaded())].map((name) => cache.match(name).then((kept) => (kept ? undefined : cache.add(name)))),
      ),
    )
    .catch(() => undefined);
}
