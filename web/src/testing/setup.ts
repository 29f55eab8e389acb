// What a browser has and jsdom lacks.
import { afterEach, vi } from "vitest";

// The client keeps the function that it finds when it is made: this one asks the server of the test.
vi.stubGlobal("fetch", (request: Request) => serving.answer(request));

/** Whatever answers requests at present. */
export const serving: { answer: (request: Request) => Promise<Response> } = {
  answer: () => Promise.reject(new TypeError("no server")),
};

if (typeof window !== "undefined") {
  const { cleanup, configure } = await import("@testing-library/react");
  afterEach(cleanup);
  // A page in full says less than the line that failed.
  configure({
    getElementError: (message) => new Error(message ?? "not found"),
    // A slow machine with other work takes its time; what never comes still fails.
    asyncUtilTimeout: 20_000,
  });
  // jsdom asks every label of the page which field it is for, again for each field.
  for (const field of [HTMLInputElement, HTMLSelectElement, HTMLTextAreaElement]) {
    Object.defineProperty(field.prototype, "labels", {
      get(this: HTMLElement) {
        const around = this.closest("label:not([for])");
        const named = this.id
          ? document.querySelectorAll(`label[for="${CSS.escape(this.id)}"]`)
          : [];
        return around ? [around, ...named] : [...named];
      },
    });
  }
  class NoObserver {
    observe() {}
    unobserve() {}
    disconnect() {}
  }
  vi.stubGlobal("ResizeObserver", NoObserver);
  vi.stubGlobal("IntersectionObserver", NoObserver);
  vi.stubGlobal("CSS", { escape: (name: string) => name.replace(/[^\w-]/g, "\\$&") });
  class PointerEvent extends MouseEvent {}
  window.PointerEvent = PointerEvent as unknown as typeof window.PointerEvent;
  window.matchMedia = (query) =>
    ({
      matches: false,
      media: query,
      addEventListener: () => undefined,
      removeEventListener: () => undefined,
    }) as unknown as MediaQueryList;
}
