// Metric first; miles and yards for those who pace by them. The club says what is usual, a device may differ.

export type Measures = "METRIC" | "MILES";

const KEY = "jubilee-measures";

let usual: Measures = "METRIC";

/** The club's; for devices on which nobody chose. */
export function setUsualMeasures(measures: Measures | undefined): void {
  usual = measures ?? "METRIC";
}

export function measures(): Measures {
  try {
    const chosen = localStorage.getItem(KEY);
    return chosen === "MILES" || chosen === "METRIC" ? chosen : usual;
  } catch {
    // Storage may be forbidden; the club's then.
    return usual;
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
