/* Keeps what is worked by at a counter, so that it opens without a network: the desk, the run sheet, the countdown, prep,
   shopping, a weighing station, a guest's handout. The network always comes first; what is kept is only what was last seen.
   What is pressed meanwhile is kept by the pages themselves. Signing out forgets all pages. */
'use strict';

const FILES = 'hopsel-files-1';
const PAGES = 'hopsel-pages-1';
const LAID_BY = 'hopsel-laid-by-1';
const OFFLINE = 'offline';
const MOST = 80;
/* Milliseconds for which a page waits for a network that is there and does not answer. */
const PATIENCE = 5000;
const KEPT = [
  /\/classes\/\d+\/air(\/(host|assistant|audience))?$/,
  /\/classes\/\d+\/(plan|shopping|film)$/,
  /\/classes\/\d+\/mise(\/\w+)?$/,
  /\/classes\/\d+\/packing\/station\/\w+$/,
  /\/shop\/[^/]+$/,
  /\/guest\/[^/]+(\/handout)?$/,
];
const FILE = /\/(css|js|img|vendor)\/|\/manifest\.webmanifest$/;

const within = (path) => new URL(path, self.registration.scope).href;

self.addEventListener('install', (event) => {
  event.waitUntil(caches.open(FILES).then((kept) => kept.add(within(OFFLINE))).then(() => self.skipWaiting()));
});

self.addEventListener('activate', (event) => {
  const forget = async () => {
    const names = await caches.keys();
    await Promise.all(names.filter((name) => name.startsWith('hopsel-') && ![FILES, PAGES, LAID_BY].includes(name)).map((name) => caches.delete(name)));
    await self.clients.claim();
  };
  event.waitUntil(forget());
});

const isPage = (url) => KEPT.some((path) => path.test(url.pathname));

async function keep(request, answer) {
  const pages = await caches.open(PAGES);
  await pages.put(request, answer);
  const all = await pages.keys();
  await Promise.all(all.slice(0, Math.max(0, all.length - MOST)).map((old) => pages.delete(old)));
}

const late = () => new Promise((resolve, reject) => { setTimeout(() => reject(new Error('slow')), PATIENCE); });

/* A page as it is now; without a network as it was last seen; else one that says so. Only a page that was kept has
   something to show to somebody who would wait too long: the first page of a new class waits for its plan. */
async function page(request) {
  const last = await caches.match(request, { cacheName: PAGES, ignoreVary: true });
  const now = fetch(request).then(async (answer) => {
    if (answer.ok && !answer.redirected) {
      await keep(request, answer.clone());
    }
    return answer;
  });
  try {
    return await (last ? Promise.race([now, late()]) : now);
  } catch (problem) {
    return last || await caches.match(within(OFFLINE)) || Response.error();
  }
}

async function file(request) {
  const kept = await caches.open(FILES);
  try {
    const answer = await fetch(request);
    if (answer.ok) {
      await kept.put(request, answer.clone());
    }
    return answer;
  } catch (problem) {
    return await kept.match(request) || Response.error();
  }
}

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (url.origin !== self.location.origin) {
    return;
  }
  if (request.method === 'POST' && url.pathname.endsWith('/sign-out')) {
    event.waitUntil(Promise.all([caches.delete(PAGES), caches.delete(LAID_BY)]));
  }
  if (request.method !== 'GET') {
    return;
  }
  if (request.mode === 'navigate' && isPage(url)) {
    event.respondWith(page(request));
  } else if (request.mode === 'navigate') {
    event.respondWith(fetch(request).catch(async () => await caches.match(within(OFFLINE)) || Response.error()));
  } else if (FILE.test(url.pathname)) {
    event.respondWith(file(request));
  }
});

/* A page asks for others to be kept before anybody has opened them: one after the other, so that no press waits for them. */
self.addEventListener('message', (event) => {
  const wanted = ((event.data && event.data.keep) || []).filter((path) => isPage(new URL(path, self.location.origin)));
  const fetched = async () => {
    for (const path of wanted) {
      const answer = await fetch(path, { credentials: 'same-origin', headers: { Accept: 'text/html' } }).catch(() => null);
      if (answer && answer.ok && !answer.redirected) {
        await keep(new Request(path), answer);
      }
    }
  };
  event.waitUntil(fetched());
});
