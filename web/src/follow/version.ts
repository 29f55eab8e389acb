// The page keeps a copy of itself for when there is no network, and takes a newer one only between
// warm-ups.
import type { Workbox } from "workbox-window";

let isRunning = false;
let isOutdated = false;
let waiting: Workbox | undefined;
/** What this page has asked for. */
const fetched = new Set<string>();

/** Fetches what is to be there without a network, too. */
export function fetchKept(path: string): Promise<Response> {
  fetched.add(path);
  return fetch(path);
}

/** Keeps the page and what it has fetched so far; quietly does nothing where that is not offered. */
export async function keepPage(): Promise<void> {
  if (!("serviceWorker" in navigator)) return;
  const { Workbox } = await import("workbox-window");
  const worker = new Workbox("/sw.js", { scope: "/f/" });
  worker.addEventListener("activated", ({ isUpdate }) => {
    // What was fetched before anyone kept it.
    if (!isUpdate) {
      void worker.messageSW({ type: "CACHE_URLS", payload: { urlsToCache: [...fetched] } });
    }
  });
  worker.addEventListener("waiting", () => {
    waiting = worker;
    takeNewer();
  });
  worker.addEventListener("controlling", ({ isUpdate }) => {
    isOutdated ||= isUpdate === true;
  });
  document.addEventListener("visibilitychange", () => {
    // Whoever comes back to an old page between two warm-ups finds the new one.
    if (document.visibilityState === "visible" && isOutdated && !isRunning) {
      window.location.reload();
    }
  });
  void worker.register().catch(() => undefined);
}

/** To be told when a warm-up begins to run and when it no longer does. */
export function setRunning(now: boolean): void {
  isRunning = now;
  takeNewer();
}

function takeNewer(): void {
  if (isRunning || !waiting) return;
  waiting.messageSkipWaiting();
  waiting = undefined;
}
