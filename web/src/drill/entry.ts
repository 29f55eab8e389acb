// A drill in the form of the library's files, as the form's fields hold it.
import type { DrillView } from "../api/types";
import type { Circuit, DrillEntry, Lengths, Reps, Strokes, Timed } from "./schema";

/** A dose while it is written: lists may still be empty. */
export type Dose =
  Reps | Timed | Lengths | Circuit | (Omit<Strokes, "parts"> & { parts: string[] });

/** A drill while it is written. */
export type Entry = Omit<DrillEntry, "steps" | "cues" | "dose"> & {
  steps: string[];
  cues: string[];
  dose: Dose;
};

/** Skills that a drill rehearses, as the files write them. */
export const SKILLS: Record<string, string> = {
  balance: "balance",
  stiffness: "stiffness",
  posture: "posture",
  "knee-lift": "knee lift",
  "quick-feet": "quick feet",
  clearance: "clearance",
  landing: "landing",
  cadence: "cadence",
  "stroke-sequence": "stroke sequence",
  catch: "catch",
  "feel-for-water": "feel for the water",
  turnover: "turnover",
  kick: "kick",
};

type Figures<D> = Omit<D, "range">;

/** What each kind of dose counts, and what else it needs to know, with usual figures. */
export const DOSES = {
  reps: {
    words: "repetitions",
    counted: "reps",
    usual: { reps: 8, tempo: 2, sides: 1, directions: 1 } satisfies Figures<Reps>,
  },
  seconds: {
    words: "on the clock",
    counted: "seconds",
    usual: { seconds: 30, sides: 1 } satisfies Figures<Timed>,
  },
  lengths: {
    words: "down a lane",
    counted: "lengths",
    usual: { lengths: 2, metres: 20, speed: 1.5, back: false } satisfies Figures<Lengths>,
  },
  strokes: {
    words: "strokes",
    counted: "rounds",
    usual: { strokes: 10, parts: ["full slide"], rounds: 2, rate: 20 } satisfies Figures<
      Omit<Strokes, "parts"> & { parts: string[] }
    >,
  },
  work: {
    words: "work and rest",
    counted: "rounds",
    usual: { rounds: 3, work: 20, rest: 10 } satisfies Figures<Circuit>,
  },
} as const;

export type DoseKind = keyof typeof DOSES;

export function kindOf(dose: Dose): DoseKind {
  return (Object.keys(DOSES) as DoseKind[]).find((kind) => kind in dose) ?? "reps";
}

/** Another kind of dose in its usual figures, with a range around what it counts. */
export function doseOf(kind: DoseKind): Dose {
  const { usual, counted } = DOSES[kind];
  const amount = Number((usual as Record<string, unknown>)[counted]);
  return {
    ...usual,
    range: [Math.max(1, Math.floor(amount / 2)), Math.ceil(amount * 1.5)],
  };
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

const REQUIRED = ["id", "name", "suits", "steps", "cues", "fault"];

/** What is sent: an id, and nothing that says nothing. */
export function toSend(entry: Entry): Partial<Entry> {
  const lines = (texts: string[]) => texts.map((t) => t.trim()).filter((t) => t !== "");
  const isEmpty = (value: unknown) =>
    value === undefined ||
    value === "" ||
    value === 0 ||
    value === false ||
    (typeof value === "object" && value !== null && Object.keys(value).length === 0);
  const filled = {
    ...entry,
    id: entry.id || idFrom(entry.name),
    steps: lines(entry.steps),
    cues: lines(entry.cues),
    aliases: lines(entry.aliases ?? []),
    ways: Object.fromEntries(
      Object.entries(entry.ways ?? {}).filter(([, regions]) => !isEmpty(regions)),
    ),
  };
  return Object.fromEntries(
    Object.entries(filled).filter(
      ([key, value]) => REQUIRED.includes(key) || key === "effort" || !isEmpty(value),
    ),
  );
}
