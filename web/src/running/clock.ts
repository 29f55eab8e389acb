// A clock that goes on evenly when the device's own is set, and catches up when the device slept.

/** ms by which the even clock was behind when the page was put away. */
let ahead = 0;
let caughtUp = 0;

/** What lies between the two clocks and is no more than their grain, ms. */
const GRAIN = 1000;

/** ms since the epoch as the device had it when the page was opened, running evenly since. */
export function now(): number {
  return performance.timeOrigin + performance.now() + caughtUp;
}

/** To be called when the page is put away and when it comes back. */
export function seen(isVisible: boolean): void {
  const apart = Date.now() - now();
  if (!isVisible) ahead = apart;
  else if (Math.abs(apart - ahead) > GRAIN) {
    // While nobody looked the device slept: its own clock did not.
    caughtUp += apart - ahead;
  }
}

if (typeof document !== "undefined") {
  document.addEventListener("visibilitychange", () => seen(document.visibilityState === "visible"));
}
