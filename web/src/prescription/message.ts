// A warm-up as a message to copy into a chat: what, when, block by block, and the link.
import type { Item, PrescriptionView } from "../api/types";
import { before, dayAndMonth, timeOf, weekday } from "../shared/dates";
import { bands } from "../shared/staircase";
import { about, clock, figures, say } from "../shared/units";
import { BLOCKS } from "../shared/words";

/** No result, ache or heart rate stands in it: chats are read by others. */
export function messageOf(view: PrescriptionView, link: string): string {
  const { session, plan, athlete, startsAt } = view;
  const date = startsAt.slice(0, 10);
  const begin = before(startsAt, Math.ceil(plan.seconds / 60) * 60);
  const at = (band: { from: number; to: number }) =>
    plan.items.filter((item) => {
      const starts = 1 - item.startsBefore / plan.seconds;
      return starts >= band.from - 1e-9 && starts < band.to - 1e-9;
    });
  return [
    `${athlete.name.split(" ")[0]}, your warm-up for “${session.title}”, ${weekday(date, "long")} ${dayAndMonth(date)}.`,
    `Begin ${begin}, first effort ${timeOf(startsAt)} (${clock(plan.seconds)}).`,
    "",
    ...bands(plan.items, plan.seconds).map(
      (band) =>
        `${BLOCKS[band.block]}, ${about(band.seconds)}: ${at(band).map(itemWords).join("; ")}`,
    ),
    "",
    `Follow it here: ${link}`,
    "Pain means stop that movement.",
  ].join("\n");
}

function itemWords(item: Item): string {
  const dose = `${item.name} ${say(item.dose)}`;
  if (!item.target) return dose;
  const { main, unit } = figures(item.target);
  const rest = item.recoverySeconds > 0 ? `, then ${item.recoverySeconds} s easy` : "";
  return `${dose} at ${main} ${unit}${rest}`;
}
