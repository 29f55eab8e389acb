// @vitest-environment jsdom
import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { json, serve, show } from "../testing/render";
import { DayPage } from "./DayPage";

const TODAY = "2026-11-26";

const athlete = (id: string, name: string) => ({ id, profile: { name, sport: "RUN" } });
const session = (id: string, startsAt: string, athleteIds: string[], warmUps: unknown[] = []) => ({
  id,
  details: {
    startsAt,
    title: `session ${id}`,
    sport: "RUN",
    kind: "INTERVALS",
    place: "TRACK",
    temperature: 4,
    minutes: 35,
    athleteIds,
  },
  warmUps,
});
const WARM_UP = {
  athleteId: "edda",
  prescriptionId: "p1",
  seconds: 1810,
  slipped: 0,
  steps: [{ from: 0, to: 1810, effort: 40 }],
};

function day(sessions: unknown[], more: Record<string, () => unknown> = {}) {
  const asked = serve({
    "GET /api/sessions": () => sessions,
    "GET /api/athletes": () => [athlete("edda", "Edda Vollmar"), athlete("ilo", "Ilo Brandsen")],
    ...more,
  });
  show(<DayPage today={TODAY} />, { at: `/day/${TODAY}`, path: "/day/:date" });
  return asked;
}

describe("the day", () => {
  it("says for each athlete when to begin, or offers a warm-up", async () => {
    day([session("a", `${TODAY}T17:30:00`, ["edda", "ilo"], [WARM_UP])]);
    expect(await screen.findByText("session a")).toBeTruthy();
    // 30:10 before 17:30, in whole minutes, never too late.
    expect(screen.getByRole("link", { name: /16:59/ }).textContent).toContain("30:10");
    expect(screen.getByRole("button", { name: "Open the warm-up of Edda Vollmar" })).toBeTruthy();
    expect(
      screen.getByRole("button", { name: "Prescribe session a for Ilo Brandsen" }),
    ).toBeTruthy();
    expect(screen.queryByRole("button", { name: /Prescribe.*Edda/ })).toBeNull();
  });

  it("shows the sessions of its own day, and counts those of the days around it", async () => {
    day([
      session("a", `${TODAY}T06:30:00`, []),
      session("b", `${TODAY}T18:00:00`, []),
      session("c", "2026-11-27T18:00:00", []),
    ]);
    expect(await screen.findByText("session b")).toBeTruthy();
    expect(screen.queryByText("session c")).toBeNull();
    const days = within(screen.getByRole("navigation", { name: "Days" })).getAllByRole("link");
    expect(days.map((d) => d.textContent)).toEqual([
      "Mon 23–",
      "Tue 24–",
      "Wed 25–",
      "Thu 262 sessions",
      "Fri 271 session",
      "Sat 28–",
      "Sun 29–",
    ]);
    expect(screen.getAllByText("No athletes yet.")).toHaveLength(2);
  });

  it("teaches on an empty day what to do", async () => {
    day([]);
    expect(await screen.findByText(/^Nothing planned/)).toBeTruthy();
  });

  it("opens a warm-up that was prescribed, and says why one could not be", async () => {
    let isThere = false;
    const asked = day([session("a", `${TODAY}T17:30:00`, ["ilo"])], {
      "POST /api/prescriptions": () =>
        isThere ? { id: "p9" } : json({ detail: "This athlete is gone.", errors: [] }, 404),
    });
    fireEvent.click(await screen.findByRole("button", { name: /^Prescribe/ }));
    expect(await screen.findByText("This athlete is gone.")).toBeTruthy();
    isThere = true;
    fireEvent.click(screen.getByRole("button", { name: /^Prescribe/ }));
    await waitFor(() =>
      expect(screen.getByTestId("address").textContent).toBe("/prescriptions/p9"),
    );
    expect(asked.filter((a) => a.method === "POST")[0]?.body).toEqual({
      sessionId: "a",
      athleteId: "ilo",
    });
  });

  it("says when the server cannot be asked, and asks again", async () => {
    let isUp = false;
    day([], {
      "GET /api/sessions": () => {
        if (!isUp) throw new TypeError("down");
        return [];
      },
    });
    expect(await screen.findByText(/cannot be reached/)).toBeTruthy();
    isUp = true;
    fireEvent.click(screen.getByRole("button", { name: /again/i }));
    expect(await screen.findByText(/^Nothing planned/)).toBeTruthy();
  });

  it("prescribes for all who have nothing yet, and says how far it is", async () => {
    let count = 0;
    const asked = day([session("a", `${TODAY}T17:30:00`, ["edda", "ilo", "una"], [WARM_UP])], {
      "POST /api/prescriptions": () => ({ id: `p${++count}` }),
    });
    fireEvent.click(await screen.findByRole("button", { name: "Prescribe session a for all" }));
    await waitFor(() =>
      expect(
        asked
          .filter((a) => a.method === "POST")
          .map((a) => (a.body as { athleteId: string }).athleteId),
      ).toEqual(["ilo", "una"]),
    );
  });
});
