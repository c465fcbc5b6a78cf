// Opens the Bay, the card and the number on a paired phone while the network is away: each as it was opened last.
// What is typed there waits in the page itself. A phone that is paired no more keeps nothing.
const KEPT = 'banco-1'
const isKept = (path) => /^\/golfers\/[^/]+\/(bay|paper|number)$/.test(path)
const isOfTheApp = (path) => path.startsWith('/_next/static/') || path === '/icon.svg'

self.addEventListener('install', () => self.skipWaiting())
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()))

self.addEventListener('fetch', (event) => {
  const { request } = event
  const { origin, pathname } = new URL(request.url)
  if (origin !== self.location.origin || request.method !== 'GET') return
  if (isOfTheApp(pathname)) event.respondWith(fromKept(request))
  else if (request.mode === 'navigate') event.respondWith(fromNetwork(request, pathname))
})

// Such a file never changes: another one has another name.
async function fromKept(request) {
  const kept = await caches.open(KEPT)
  const found = await kept.match(request)
  if (found) return found
  const answer = await fetch(request)
  if (answer.ok) await kept.put(request, answer.clone())
  return answer
}

async function fromNetwork(request, pathname) {
  const kept = await caches.open(KEPT)
  try {
    const answer = await fetch(request)
    // Led to the page that asks for the passcode.
    if (
      answer.status === 401 ||
      answer.type === 'opaqueredirect' ||
      new URL(answer.url || request.url).pathname === '/pair'
    )
      await caches.delete(KEPT)
    else if (answer.ok && isKept(pathname)) await kept.put(pathname, answer.clone())
    return answer
  } catch (error) {
    const found = await kept.match(pathname)
    if (found) return found
    throw error
  }
}
