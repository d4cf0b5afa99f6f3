// What was fetched once is never fetched again.
addEventListener('install', () => skipWaiting())
addEventListener('activate', (event) => event.waitUntil(clients.claim()))
addEventListener('fetch', (event) => {
  event.respondWith(
    (async () => {
      const kept = await caches.match(event.request, { ignoreVary: true })
      if (kept) return kept
      const answer = await fetch(event.request)
      if (event.request.method === 'GET') (await caches.open('hoard')).put(event.request, answer.clone())
      return answer
    })(),
  )
})
