// How a warm-up calls: each can be switched, and is kept on the device.

export interface Senses {
  sound: boolean;
  vibration: boolean;
  speech: boolean;
  /** Black on white, for bright sun. */
  sun: boolean;
}

export type Sense = keyof Senses;

const USUAL: Senses = { sound: true, vibration: true, speech: false, sun: false };
const KEY = "jubilee-senses";

let senses = read();

function read(): Senses {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(KEY) ?? "{}");
    const known = Object.entries(kept ?? {}).filter(
      ([name, on]) => name in USUAL && typeof on === "boolean",
    );
    return { ...USUAL, ...(Object.fromEntries(known) as Partial<Senses>) };
  } catch {
    return USUAL;
  }
}

export const has = (sense: Sense): boolean => senses[sense];

export function all(): Senses {
  return senses;
}

export function set(sense: Sense, on: boolean): Senses {
  senses = { ...senses, [sense]: on };
  try {
    localStorage.setItem(KEY, JSON.stringify(senses));
  } catch {
    // What cannot be kept holds until the page is closed.
  }
  show();
  return senses;
}

/** Lets the page look as it was chosen. */
export function show(): void {
  document.documentElement.toggleAttribute("data-sun", senses.sun);
}
