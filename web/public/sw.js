// Keeps a followed warm-up usable with no network: pages and data are fetched fresh when possible
// and taken from the cache when not; built files never change, so the cache comes first.
const CACHE = "jubilee-follow-1";

self.addEventListener("install", () => self.skipWaiting());
self.addEventListener("activate", (event) => event.waitUntil(self.clients.claim()));

async function freshOrCached(request) {
  const cache = await caches.open(CACHE);
  try {
    const response = await fetch(request);
    if (response.ok) {
      await cache.put(request, response.clone());
    } else if (response.status === 404) {
      // A revoked link must not live on in the cache.
      await cache.delete(request);
    }
    return response;
  } catch (offline) {
    const kept = await cache.match(request);
    if (kept) return kept;
    throw offline;
  }
}

async function cachedOrFresh(request) {
  const cache = await caches.open(CACHE);
  const kept = await cache.match(request);
  if (kept) return kept;
  const response = await fetch(request);
  if (response.ok) await cache.put(request, response.clone());
  return response;
}

self.addEventListener("fetch", (event) => {
  const url = new URL(event.request.url);
  if (event.request.method !== "GET" || url.origin !== self.location.origin) return;
  if (url.pathname.startsWith("/assets/")) {
    event.respondWith(cachedOrFresh(event.request));
  } else if (url.pathname.startsWith("/f/") || url.pathname.startsWith("/api/follow/")) {
    event.respondWith(freshOrCached(event.request));
  }
});
