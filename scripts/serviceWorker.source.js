// The service worker: what was built stays at hand, so that the app works without a network.
// `npm run build` puts BUILD (an id and the list of built files) in front of this and writes public/sw.js.
/* global self, caches, fetch, BUILD */

const FILES = `files-${BUILD.id}`;
const PAGES = `pages-${BUILD.id}`;
/** Where everyone starts. */
const FIRST_PAGES = ['/own', '/demo', '/own/log', '/demo/log'];

self.addEventListener('install', (event) => {
  event.waitUntil(
    (async () => {
      await keepFiles(BUILD.files);
      await keepPages(FIRST_PAGES);
    })(),
  );
});

/** So many files are fetched at a time: browsers open six ways to one server, and the person's own work needs some (own choice). */
const AT_A_TIME = 2;

/** Fetches and keeps all files; rejects where one does not come, and what was kept is written over the next time. */
async function keepFiles(paths) {
  const files = await caches.open(FILES);
  const left = [...paths];
  const lane = async () => {
    for (let path = left.shift(); path; path = left.shift()) await files.add(path);
  };
  await Promise.all(Array.from({ length: AT_A_TIME }, lane));
}

self.addEventListener('activate', (event) => {
  event.waitUntil(
    (async () => {
      const old = (await caches.keys()).filter((name) => name !== FILES && name !== PAGES);
      await Promise.all(old.map((name) => caches.delete(name)));
      await self.clients.claim();
    })(),
  );
});

/** A page that takes longer is not kept, ms: a newer version waits for what this one has under way (own choice). */
const KEEP_WITHIN_MS = 15_000;

/** Fetches pages and keeps those that came. */
async function keepPages(paths) {
  const pages = await caches.open(PAGES);
  const asked = () => ({
    headers: { accept: 'text/html' },
    signal: AbortSignal.timeout(KEEP_WITHIN_MS),
  });
  await Promise.all(
    paths.map(async (path) => {
      const response = await fetch(path, asked()).catch(() => null);
      if (response?.ok) await pages.put(path, response).catch(() => undefined);
    }),
  );
}

/** A screen of the app asks for the pages it may lead to, or for this version to take over. */
self.addEventListener('message', (event) => {
  const { data } = event;
  // never by itself: whoever is at the press is not interrupted by a newer version
  if (data?.takeOver === true) event.waitUntil(self.skipWaiting());
  const keep = Array.isArray(data?.keep) ? data.keep.filter(isOwnPath) : [];
  if (keep.length > 0) event.waitUntil(keepPages(keep));
  if (isOwnPath(data?.forget)) event.waitUntil(forgetPages(data.forget));
});

/** A page of this app, and not the other half of another address. */
function isOwnPath(path) {
  return typeof path === 'string' && path.startsWith('/') && !path.startsWith('//');
}

/** Drops the pages under a path: those of a job that was deleted. */
async function forgetPages(under) {
  const pages = await caches.open(PAGES);
  const kept = await pages.keys();
  const gone = kept.filter(({ url }) => new URL(url).pathname.startsWith(under));
  await Promise.all(gone.map((request) => pages.delete(request)));
}

/** A page as this version wrote it; what it does not have yet comes from the server. */
async function pageFor(event, request, url) {
  const pages = await caches.open(PAGES);
  const kept = await pages.match(url.pathname);
  if (kept) return kept;
  try {
    const response = await fetch(request);
    // shown first, kept beside it
    if (response.ok && !response.redirected)
      event.waitUntil(pages.put(url.pathname, response.clone()).catch(() => undefined));
    return response;
  } catch (error) {
    const first = url.pathname === '/' && (await pages.match('/own'));
    if (first) return first;
    throw error;
  }
}

/** What was built, or comes from the server; a table of letters that was asked for once is kept. */
async function fileFor(event, request, url) {
  const files = await caches.open(FILES);
  const kept = await files.match(request.url.split('#')[0], { ignoreSearch: true });
  // a response without an address of its own: a worker then keeps the one it was asked for by,
  // which carries its settings
  if (kept) return new Response(kept.body, { status: kept.status, headers: kept.headers });
  const response = await fetch(request);
  if (response.ok && url.pathname.startsWith('/pdf-reader/'))
    event.waitUntil(files.put(url.pathname, response.clone()).catch(() => undefined));
  return response;
}

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== self.location.origin) return;
  if (request.mode === 'navigate') event.respondWith(pageFor(event, request, url));
  else if (/^\/(_next\/static|pdf-reader)\//.test(url.pathname))
    event.respondWith(fileFor(event, request, url));
});
