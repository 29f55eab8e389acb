// A session of every week while it is being laid out.
import type { AthleteView, BlockDefinition, Sport, WeekPattern } from "../api/types";
import { weekStart } from "../shared/calendar";
import type { Places } from "../shared/places";

export const DAYS: Record<WeekPattern["day"], string> = {
  MONDAY: "Mon",
  TUESDAY: "Tue",
  WEDNESDAY: "Wed",
  THURSDAY: "Thu",
  FRIDAY: "Fri",
  SATURDAY: "Sat",
  SUNDAY: "Sun",
};

/** The days in the order in which the club counts its week. */
export function daysFrom(first: WeekPattern["day"]): typeof DAYS {
  const days = Object.entries(DAYS);
  const at = days.findIndex(([day]) => day === first);
  return Object.fromEntries([...days.slice(at), ...days.slice(0, at)]) as typeof DAYS;
}

/** The session that is likely to be written next: like the last one, a day later. */
export function nextSession(
  definition: BlockDefinition,
  athletes: AthleteView[],
  places: Places,
  key: string,
): WeekPattern {
  const last = definition.pattern.at(-1);
  if (last) return { ...last, key, day: dayAfter(last.day), shorthand: "" };
  const group = definition.groups[0]?.name ?? "";
  const sport = sportOf(definition, group, athletes) ?? "RUN";
  return {
    key,
    day: weekStart(),
    time: "18:00",
    group,
    sport,
    shorthand: "",
    place: places.usual(sport),
    minutes: 30,
    temperature: 10,
    comingFrom: "DESK",
  };
}

/** In another sport; the place follows unless it was chosen. */
export function onSport(p: WeekPattern, sport: Sport, places: Places): WeekPattern {
  const place = p.place === places.usual(p.sport) ? places.usual(sport) : p.place;
  return { ...p, sport, place };
}

/** For another group, in its sport. */
export function onGroup(
  p: WeekPattern,
  definition: BlockDefinition,
  group: string,
  athletes: AthleteView[],
  places: Places,
): WeekPattern {
  return onSport({ ...p, group }, sportOf(definition, group, athletes) ?? p.sport, places);
}

function sportOf(
  definition: BlockDefinition,
  name: string,
  athletes: AthleteView[],
): Sport | undefined {
  const ids = definition.groups.find((g) => g.name === name)?.athleteIds ?? [];
  return athletes.find((a) => ids.includes(a.id))?.profile.sport;
}

function dayAfter(day: WeekPattern["day"]): WeekPattern["day"] {
  const days = Object.keys(DAYS) as WeekPattern["day"][];
  return days[(days.indexOf(day) + 1) % days.length] ?? day;
}
