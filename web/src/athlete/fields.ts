// An athlete as the form holds one: figures as they are typed.
import type { AthleteProfile, RestrictionInput } from "../api/types";
import { ALL_SPORTS } from "../shared/sports";
import { draftOf, resultOf, type ResultDraft } from "./results";

export interface AthleteFields {
  name: string;
  sport: AthleteProfile["sport"];
  level: AthleteProfile["level"];
  age: string;
  restingHeartRate: string;
  maximumHeartRate: string;
  kilograms: string;
  results: ResultDraft[];
  restrictions: RestrictionInput[];
  contraindications: AthleteProfile["contraindications"];
  health: AthleteProfile["health"];
  deconditioned: boolean;
  /** In each sport; empty where it is the same. */
  levels: Record<AthleteProfile["sport"], AthleteProfile["level"] | "">;
}

function sameInAll() {
  return Object.fromEntries(ALL_SPORTS.map((s) => [s, ""])) as AthleteFields["levels"];
}

export const NOBODY: AthleteFields = {
  name: "",
  sport: "RUN",
  level: "NOVICE",
  age: "30",
  restingHeartRate: "",
  maximumHeartRate: "",
  kilograms: "",
  results: [],
  restrictions: [],
  contraindications: [],
  health: [],
  deconditioned: false,
  levels: sameInAll(),
};

export function fieldsOf(profile: AthleteProfile): AthleteFields {
  const { name, sport, level, restrictions, contraindications, health, deconditioned } = profile;
  return {
    name,
    sport,
    level,
    restrictions: restrictions.map((r) => ({ ...r, side: r.side ?? "BOTH" })),
    contraindications,
    health,
    deconditioned,
    levels: levelsOf(profile),
    age: String(profile.age),
    restingHeartRate: profile.restingHeartRate?.toString() ?? "",
    maximumHeartRate: profile.maximumHeartRate?.toString() ?? "",
    kilograms: profile.kilograms?.toString() ?? "",
    results: profile.results.map(draftOf),
  };
}

/**
 * What is sent.
 *
 * @param before what the form does not show is kept from it
 */
export function profileOf(fields: AthleteFields, before?: AthleteProfile): AthleteProfile {
  return {
    ...fields,
    levels: otherLevels(fields),
    mastery: before?.mastery ?? {},
    age: whole(fields.age) ?? 0,
    restingHeartRate: whole(fields.restingHeartRate),
    maximumHeartRate: whole(fields.maximumHeartRate),
    kilograms: whole(fields.kilograms) ?? undefined,
    results: fields.results.map(resultOf),
  };
}

/** Nothing where the level is the same everywhere. */
function otherLevels(fields: AthleteFields): AthleteProfile["levels"] {
  const others = ALL_SPORTS.flatMap((sport) => {
    const level = fields.levels[sport];
    return level === "" || sport === fields.sport ? [] : [{ sport, level }];
  });
  return others.length > 0 ? others : undefined;
}

function levelsOf(profile: AthleteProfile): AthleteFields["levels"] {
  const levels = { ...NOBODY.levels };
  for (const { sport, level } of profile.levels ?? []) levels[sport] = level;
  return levels;
}

function whole(text: string): number | null {
  return text.trim() === "" ? null : Math.round(Number(text));
}

/** Where the form has a field of the request: figures of a result are kept as texts. */
export function fieldNamed(path: string): string {
  return path.replace(/^(results\.\d+)\.(?!kind|takenOn|setting)/, "$1.texts.");
}
