/* global self, caches, fetch, URL */
// The app's shell, so that a tablet at the bench opens it, and what it last saw, without a connection. Nothing is answered from here while the server answers.
const shell = 'lupin-shell-1';
const seen = 'lupin-seen-1';
/** So many built files are kept; of older builds the oldest go first. */
const mostFiles = 150;

self.addEventListener('install', (event) =>
  event.waitUntil(
    caches
      .open(shell)
      .then((cache) => cache.add('/'))
      .then(() => self.skipWaiting()),
  ),
);
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

const fresh = async (cacheName, request, key) => {
  const cache = await caches.open(cacheName);
  try {
    const answer = await fetch(request);
    if (answer.ok) await cache.put(key, answer.clone());
    return answer;
  } catch (error) {
    const kept = await cache.match(key);
    if (kept) return kept;
    throw error;
  }
};

const built = async (request) => {
  const cache = await caches.open(shell);
  const kept = await cache.match(request);
  if (kept) return kept;
  const answer = await fetch(request);
  if (answer.ok) {
    await cache.put(request, answer.clone());
    const files = (await cache.keys()).filter((each) => new URL(each.url).pathname.startsWith('/assets/'));
    await Promise.all(files.slice(0, Math.max(0, files.length - mostFiles)).map((each) => cache.delete(each)));
  }
  return answer;
};

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const { origin, pathname } = new URL(request.url);
  if (request.method !== 'GET' || origin !== self.location.origin) return;
  if (request.mode === 'navigate') event.respondWith(fresh(shell, request, '/'));
  else if (pathname.startsWith('/assets/')) event.respondWith(built(request));
  else if (
    /^\/api\/(occasions|people|products|foods|recipes|swaps|packs|timings)\b/.test(pathname) &&
    !/\/(stream|calendar\.ics)$/.test(pathname)
  )
    event.respondWith(fresh(seen, request, request));
});
