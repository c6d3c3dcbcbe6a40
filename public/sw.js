/*
 * A reload of the bench while the server is away shows the bench: the page, its scripts, who is signed in and the board that is open
 * are kept in the browser. Never kept: answers, questions, verdicts, marks, readings, anything but the bench of an attempt.
 * docs/decisions/0042-what-a-browser-keeps.md
 */
const SHELL = 'zwindle-shell-1'
const BOARD = 'zwindle-board-1'
const WAIT_MS = 4000
const PAGE = '/shell'
const KEPT = [/^\/api\/session$/, /^\/api\/attempts\/\d+$/]

self.addEventListener('install', () => self.skipWaiting())
self.addEventListener('activate', (event) => {
  event.waitUntil(
    caches
      .keys()
      .then((names) =>
        Promise.all(names.filter((name) => ![SHELL, BOARD].includes(name)).map((name) => caches.delete(name))),
      )
      .then(() => self.clients.claim()),
  )
})

/** Somebody signed out: on a shared tablet nothing of theirs stays. */
self.addEventListener('message', (event) => {
  if (event.data === 'forget') event.waitUntil(caches.delete(BOARD))
})

self.addEventListener('fetch', (event) => {
  const { request } = event
  const url = new URL(request.url)
  if (request.method !== 'GET' || url.origin !== self.location.origin) return
  if (request.mode === 'navigate' && !url.pathname.startsWith('/api/')) event.respondWith(page(request))
  else if (url.pathname.startsWith('/build/')) event.respondWith(part(request))
  else if (url.search === '' && KEPT.some((path) => path.test(url.pathname)))
    event.respondWith(board(request, url.pathname))
})

async function page(request) {
  const cache = await caches.open(SHELL)
  try {
    const fresh = await inTime(fetch(request))
    // Every page is the same page; an error is none.
    if (fresh.ok && !fresh.redirected) await cache.put(PAGE, fresh.clone())
    return fresh
  } catch {
    return (await cache.match(PAGE)) ?? Response.error()
  }
}

/** Its name changes with what is in it. */
async function part(request) {
  const cache = await caches.open(SHELL)
  const kept = await cache.match(request)
  if (kept) return kept
  const fresh = await fetch(request)
  if (fresh.ok) await cache.put(request, fresh.clone())
  return fresh
}

async function board(request, path) {
  const cache = await caches.open(BOARD)
  try {
    const fresh = await inTime(fetch(request))
    if (fresh.ok) {
      // One board: the one that is open.
      if (path !== '/api/session')
        for (const other of await cache.keys())
          if (new URL(other.url).pathname !== '/api/session') await cache.delete(other)
      await cache.put(path, fresh.clone())
    } else if ([401, 403, 404].includes(fresh.status)) {
      await cache.delete(path)
    }
    return fresh
  } catch {
    return (await cache.match(path)) ?? Response.error()
  }
}

function inTime(answer) {
  return Promise.race([answer, new Promise((_, reject) => setTimeout(() => reject(new Error('late')), WAIT_MS))])
}
