// A drill in the form of the library's files, as the form's fields hold it.
import type { DrillView } from "../api/types";

export interface Dose {
  reps?: number;
  tempo?: number;
  directions?: number;
  seconds?: number;
  sides?: number;
  lengths?: number;
  metres?: number;
  back?: boolean;
  speed?: number;
  strokes?: number;
  parts?: number;
  rate?: number;
  rounds?: number;
  work?: number;
  rest?: number;
  range: [number, number];
}

export interface Entry {
  id: string;
  name: string;
  aliases?: string[];
  ladder?: string;
  block: string;
  suits: Record<string, number>;
  level?: string;
  position: string;
  kit?: string[];
  effort: number;
  wetSafe?: boolean;
  regions?: Record<string, number>;
  skills?: Record<string, number>;
  loads?: string[];
  contacts?: number;
  hold?: number;
  favours?: string[];
  dose: Dose;
  steps: string[];
  cues: string[];
  fault: string;
  caution?: string;
}

export const SKILLS = [
  "balance",
  "stiffness",
  "posture",
  "knee-lift",
  "quick-feet",
  "clearance",
  "cadence",
  "stroke-sequence",
  "catch",
  "feel-for-water",
  "turnover",
  "kick",
] as const;

/** What each kind of dose counts, and what else it needs to know, with usual figures. */
export const DOSES = {
  reps: { words: "repetitions", usual: { reps: 8, tempo: 2, sides: 1, directions: 1 } },
  seconds: { words: "on the clock", usual: { seconds: 30, sides: 1 } },
  lengths: {
    words: "down a lane",
    usual: { lengths: 2, metres: 20, speed: 1.5, back: false },
  },
  strokes: { words: "strokes", usual: { strokes: 10, parts: 1, rounds: 2, rate: 20 } },
  work: { words: "work and rest", usual: { rounds: 3, work: 20, rest: 10 } },
} as const;

export type DoseKind = keyof typeof DOSES;

/** The figure that is turned up and down. */
const COUNTED: Record<DoseKind, keyof Dose> = {
  reps: "reps",
  seconds: "seconds",
  lengths: "lengths",
  strokes: "rounds",
  work: "rounds",
};

export function kindOf(dose: Dose): DoseKind {
  return (Object.keys(DOSES) as DoseKind[]).find((kind) => kind in dose) ?? "reps";
}

/** Another kind of dose in its usual figures, with a range around what it counts. */
export function doseOf(kind: DoseKind): Dose {
  const usual = DOSES[kind].usual as Omit<Dose, "range">;
  const counted = Number((usual as Dose)[COUNTED[kind]]);
  return { ...usual, range: [Math.max(1, Math.floor(counted / 2)), Math.ceil(counted * 1.5)] };
}

export const BLANK: Entry = {
  id: "",
  name: "",
  block: "mobilise",
  suits: { run: 2 },
  position: "standing",
  effort: 20,
  regions: { hips: 2 },
  dose: doseOf("reps"),
  steps: [],
  cues: [],
  fault: "",
};

/** "Our A-skip" → "our-a-skip": what a drill without an id is kept under. */
export function idFrom(name: string): string {
  return name
    .normalize("NFD")
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, "-")
    .replace(/^-|-$/g, "");
}

/** A copy under an id of its own and off the ladder, unless it is the club's already. */
export function ownVersion(entry: Entry, start: DrillView | undefined): Entry {
  if (!start || start.own) return entry;
  return { ...entry, ladder: undefined, id: `our-${start.id}`, name: `${start.name}, ours` };
}

/** What is sent: an id, and nothing that says nothing. */
export function toSend(entry: Entry): Entry {
  const lines = (texts: string[]) => texts.map((t) => t.trim()).filter((t) => t !== "");
  const filled = {
    ...entry,
    id: entry.id || idFrom(entry.name),
    steps: lines(entry.steps),
    cues: lines(entry.cues),
    aliases: lines(entry.aliases ?? []),
  };
  const isEmpty = (value: unknown) =>
    value === undefined ||
    value === "" ||
    value === false ||
    (typeof value === "object" && value !== null && Object.keys(value).length === 0);
  const must = ["id", "name", "suits", "steps", "cues", "fault"];
  return Object.fromEntries(
    Object.entries(filled).filter(([key, value]) => must.includes(key) || !isEmpty(value)),
  ) as unknown as Entry;
}
