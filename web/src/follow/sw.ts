/// <reference lib="webworker" />
// Keeps followed warm-ups usable with no network: the page itself as one version, whole, and what
// links lead to fresh when possible and as it was last when not.
import { ExpirationPlugin } from "workbox-expiration";
import {
  cleanupOutdatedCaches,
  createHandlerBoundToURL,
  precacheAndRoute,
} from "workbox-precaching";
import { NavigationRoute, registerRoute } from "workbox-routing";
import { NetworkFirst } from "workbox-strategies";
import type { WorkboxPlugin } from "workbox-core/types";

declare const self: ServiceWorkerGlobalScope & {
  __WB_MANIFEST: { url: string; revision: string }[];
};

/** What a coach who leads does is worth nothing later. */
const OF_THE_MOMENT = /\/(live|lead)$/;

const KEPT = "jubilee-follow-1";

/** More links than anyone follows in the weeks for which they lead anywhere. */
const MOST_LINKS = 200;

/** A network that does not answer by then is none, s. */
const PATIENCE = 4;

precacheAndRoute(self.__WB_MANIFEST);
cleanupOutdatedCaches();
registerRoute(
  new NavigationRoute(createHandlerBoundToURL("/follow.html"), { allowlist: [/^\/f\//] }),
);

/** A link that was revoked must not live on here. */
const forgetsRevoked: WorkboxPlugin = {
  fetchDidSucceed: async ({ request, response }) => {
    if (response.status === 404) await (await caches.open(KEPT)).delete(request);
    return response;
  },
};

registerRoute(
  ({ url, sameOrigin }) =>
    sameOrigin && url.pathname.startsWith("/api/follow/") && !OF_THE_MOMENT.test(url.pathname),
  new NetworkFirst({
    cacheName: KEPT,
    networkTimeoutSeconds: PATIENCE,
    plugins: [forgetsRevoked, new ExpirationPlugin({ maxEntries: MOST_LINKS })],
  }),
);

// A new version waits until the page says that nothing runs.
self.addEventListener("message", (event) => {
  if ((event.data as { type?: string } | null)?.type === "SKIP_WAITING") void self.skipWaiting();
});
self.addEventListener("activate", (event) => event.waitUntil(self.clients.claim()));
