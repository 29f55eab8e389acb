// @vitest-environment jsdom
import { beforeEach, describe, expect, it, vi } from "vitest";

type Listener = (event: { isUpdate?: boolean }) => void;

const made: FakeWorkbox[] = [];
class FakeWorkbox {
  readonly listeners = new Map<string, Listener>();
  readonly messages: unknown[] = [];
  hasTakenOver = false;
  constructor() {
    made.push(this);
  }
  addEventListener(name: string, listener: Listener) {
    this.listeners.set(name, listener);
  }
  messageSW(message: unknown) {
    this.messages.push(message);
    return Promise.resolve();
  }
  messageSkipWaiting() {
    this.hasTakenOver = true;
  }
  register() {
    return Promise.resolve();
  }
  say(name: string, event: { isUpdate?: boolean } = {}) {
    this.listeners.get(name)?.(event);
  }
}
vi.mock("workbox-window", () => ({ Workbox: FakeWorkbox }));

beforeEach(() => {
  Object.defineProperty(navigator, "serviceWorker", { value: {}, configurable: true });
  vi.stubGlobal("fetch", () => Promise.resolve(new Response()));
});

async function page() {
  vi.resetModules();
  const version = await import("./version");
  await version.keepPage();
  const worker = made.at(-1);
  if (!worker) throw new Error("no worker was asked for");
  return { version, worker };
}

describe("a newer version of the page", () => {
  it("waits while a warm-up runs, and takes over after it", async () => {
    const { version, worker } = await page();
    version.setRunning(true);
    worker.say("waiting");
    expect(worker.hasTakenOver).toBe(false);
    version.setRunning(false);
    expect(worker.hasTakenOver).toBe(true);
  });

  it("takes over at once where nothing runs", async () => {
    const { worker } = await page();
    worker.say("waiting");
    expect(worker.hasTakenOver).toBe(true);
  });

  it("is told at its first opening what was fetched before it", async () => {
    const { version, worker } = await page();
    await version.fetchKept("/api/follow/t");
    worker.say("activated", { isUpdate: false });
    expect(worker.messages).toEqual([
      { type: "CACHE_URLS", payload: { urlsToCache: ["/api/follow/t"] } },
    ]);
  });
});
