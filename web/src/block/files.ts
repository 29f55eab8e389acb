import type { SessionFile } from "../api/types";

/** A calendar says so in its first line. */
export function formatOf(text: string): SessionFile["format"] {
  return text.trimStart().startsWith("BEGIN:VCALENDAR") ? "ICALENDAR" : "CSV";
}
