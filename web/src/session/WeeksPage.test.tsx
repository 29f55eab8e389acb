// @vitest-environment jsdom
import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import { beforeEach, expect, it } from "vitest";
import { setWeekStart } from "../shared/calendar";
import { serve, show, type Asked } from "../testing/render";
import { weeksFrom } from "./weeks";
import { WeeksPage } from "./WeeksPage";

const session = (startsAt: string) => ({
  id: "s1",
  version: 4,
  details: { startsAt, sport: "ROW", title: "2 km test", athleteIds: ["edda", "pia"] },
  warmUps: [{ prescriptionId: "p", athleteId: "edda", seconds: 1800, steps: [], slipped: 0 }],
});

beforeEach(() => setWeekStart("MONDAY"));

/** A calendar that keeps what it is told. */
function served(): Asked[] {
  let kept = session("2026-11-27T06:45:00");
  return serve({
    "GET /api/sessions": () => [kept],
    "PUT /api/sessions/s1": ({ body }) => {
      kept = { ...kept, version: kept.version + 1, details: body as typeof kept.details };
      return kept;
    },
  });
}

function dayOf(name: RegExp) {
  return within(screen.getByRole("region", { name }));
}

it("counts weeks from the club's first day, across months and years", () => {
  expect(weeksFrom("2026-11-27", 1)[0]).toEqual([
    "2026-11-23",
    "2026-11-24",
    "2026-11-25",
    "2026-11-26",
    "2026-11-27",
    "2026-11-28",
    "2026-11-29",
  ]);
  setWeekStart("SUNDAY");
  expect(weeksFrom("2026-11-29", 2).map((week) => week[0])).toEqual(["2026-11-29", "2026-12-06"]);
  setWeekStart("SATURDAY");
  expect(weeksFrom("2027-01-01", 1)[0]?.[0]).toBe("2026-12-26");
});

it("moves a session by keyboard and by dragging, and back; its time of day stays", async () => {
  const asked = served();
  show(<WeeksPage today="2026-11-27" />);
  const before = await dayOf(/^Friday/).findByRole("link", { name: /2 km test/ });
  expect(before.textContent).toContain("1 of 2 prescribed");

  fireEvent.keyDown(before, { key: "ArrowLeft", altKey: true });
  const after = await dayOf(/^Thursday/).findByRole("link", { name: /2 km test/ });
  expect(asked.find((a) => a.method === "PUT")).toMatchObject({
    query: { version: "4" },
    body: { startsAt: "2026-11-26T06:45:00", title: "2 km test" },
  });
  expect(screen.getByText(/Thursday 26 November now, with its/)).toBeTruthy();

  fireEvent.dragStart(after, { dataTransfer: {} });
  fireEvent.drop(screen.getByRole("region", { name: /^Sunday/ }));
  await dayOf(/^Sunday/).findByRole("link", { name: /2 km test/ });
  fireEvent.click(screen.getByRole("button", { name: "Undo" }));
  await dayOf(/^Thursday/).findByRole("link", { name: /2 km test/ });
  await waitFor(() => expect(asked.filter((a) => a.method === "PUT")).toHaveLength(3));
});
