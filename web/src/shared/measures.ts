// Metric first; miles and yards for those who pace by them. Kept on the device.

export type Measures = "METRIC" | "MILES";

const KEY = "jubilee-measures";

export function measures(): Measures {
  try {
    return localStorage.getItem(KEY) === "MILES" ? "MILES" : "METRIC";
  } catch {
    // Storage may be forbidden; metric then.
    return "METRIC";
  }
}

/** Changes the measures and draws everything anew. */
export function setMeasures(next: Measures): void {
  localStorage.setItem(KEY, next);
  window.location.reload();
}

/** Exactly, by definition of the international yard. */
export const MILE = 1609.344;
export const YARD = 0.9144;
export const HUNDRED_YARDS = 100 * YARD;
