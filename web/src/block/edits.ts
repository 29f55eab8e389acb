// What a coach does to a block, as a new definition and the words for undo.
import type {
  AthleteHappened,
  BlockDefinition,
  Emphasis,
  Interruption,
  WeekPattern,
} from "../api/types";

export interface BlockEdit {
  words: string;
  definition: BlockDefinition;
}

export function withEmphasis(
  d: BlockDefinition,
  firstDay: string,
  emphasis: Emphasis,
  words: string,
): BlockEdit {
  const emphases = d.emphases.filter((e) => e.firstDay !== firstDay);
  return { words, definition: { ...d, emphases: [...emphases, { firstDay, emphasis }] } };
}

export function withRace(d: BlockDefinition, race: string): BlockEdit {
  return { words: `Moved the race to ${race}`, definition: { ...d, race } };
}

/** Places a rung in a week; an earlier wish for the same rung is forgotten. */
export function withWish(
  d: BlockDefinition,
  athleteId: string,
  ladder: string,
  step: number,
  firstDay: string,
  name: string,
): BlockEdit {
  const others = d.progressions.filter(
    (w) => w.athleteId !== athleteId || w.ladder !== ladder || w.step !== step,
  );
  return {
    words: `Moved ${name}`,
    definition: { ...d, progressions: [...others, { athleteId, ladder, step, firstDay }] },
  };
}

export function withMark(
  d: BlockDefinition,
  athleteId: string,
  ladder: string,
  step: number,
  on: string,
  name: string,
  source: "COACH" | "ATHLETE" = "COACH",
): BlockEdit {
  return {
    words: source === "COACH" ? `Marked ${name} as mastered` : `${name} reported clean`,
    definition: { ...d, mastery: [...d.mastery, { athleteId, ladder, step, on, source }] },
  };
}

export function withInterruption(
  d: BlockDefinition,
  interruption: Interruption,
  name: string,
): BlockEdit {
  return {
    words: `${name}: ${INTERRUPTIONS[interruption.kind].toLowerCase()}`,
    definition: { ...d, interruptions: [...d.interruptions, interruption] },
  };
}

export function withoutInterruption(
  d: BlockDefinition,
  interruption: Interruption,
  name: string,
): BlockEdit {
  return {
    words: `${name}: no longer ${INTERRUPTIONS[interruption.kind].toLowerCase()}`,
    definition: { ...d, interruptions: d.interruptions.filter((i) => i !== interruption) },
  };
}

/** Another session on one day, or none; for one athlete or the whole group. */
export function withException(
  d: BlockDefinition,
  date: string,
  key: string,
  athleteId: string | null,
  shorthand: string | null,
): BlockEdit {
  const others = d.exceptions.filter(
    (e) => e.date !== date || e.key !== key || (e.athleteId ?? null) !== athleteId,
  );
  return {
    words: shorthand === null ? `Left out ${date}` : `${shorthand} on ${date}`,
    definition: { ...d, exceptions: [...others, { date, key, athleteId, shorthand }] },
  };
}

export function withFirstDay(
  d: BlockDefinition,
  athleteId: string,
  joins: string,
  name: string,
): BlockEdit {
  const others = d.members.filter((m) => m.athleteId !== athleteId);
  return {
    words: `${name} joins on ${joins}`,
    definition: { ...d, members: [...others, { athleteId, joins }] },
  };
}

const DAYS = ["SUNDAY", "MONDAY", "TUESDAY", "WEDNESDAY", "THURSDAY", "FRIDAY", "SATURDAY"];

/** The session of the week that a day's session comes from, if it does. */
export function patternOf(
  d: BlockDefinition,
  group: string,
  date: string,
  sport: WeekPattern["sport"],
): WeekPattern | undefined {
  const day = DAYS[new Date(`${date}T00:00:00Z`).getUTCDay()];
  return d.pattern.find((p) => p.group === group && p.day === day && p.sport === sport);
}

export const INTERRUPTIONS: Record<Interruption["kind"], string> = {
  AWAY: "Away",
  ILL: "Ill",
  PAIN: "Pain",
};

export const EMPHASES: Record<Emphasis, string> = {
  GENERAL: "general",
  SPECIFIC: "specific",
  COMPETITION: "competition",
  RECOVERY: "recovery",
};

/** With what records say. */
export function withHappened(
  d: BlockDefinition,
  happened: readonly Pick<AthleteHappened, "reports" | "interruptions">[],
): BlockEdit {
  return {
    words: "Took over what the records say",
    definition: {
      ...d,
      mastery: [...d.mastery, ...happened.flatMap((h) => h.reports)],
      interruptions: [...d.interruptions, ...happened.flatMap((h) => h.interruptions)],
    },
  };
}
