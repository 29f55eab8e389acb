// @vitest-environment jsdom
import { render, screen } from "@testing-library/react";
import { afterEach, expect, it, vi } from "vitest";
import { MinePage } from "./MinePage";

const at = (minutes: number) => new Date(Date.now() + 60_000 * minutes).toISOString();

const next = (title: string, minutes: number, more: object = {}) => ({
  sessionTitle: title,
  sport: "RUN",
  kind: "INTERVALS",
  place: "the track",
  temperature: 6,
  startsAt: at(minutes),
  beginsAt: at(minutes - 25),
  seconds: 1500,
  token: `link-${title}`,
  bring: [],
  ...more,
});

const MINE = {
  athleteName: "Edda Vollmar",
  hourCycle: "H24",
  measures: "METRIC",
  next: [
    next("over long ago", -300),
    next("6 x 1 km", 120, { bring: ["MINI_BAND", "ROLLER"] }),
    next("long run", 2000, { token: null, beginsAt: null, seconds: null }),
  ],
};

afterEach(() => vi.unstubAllGlobals());

const serve = (answer: () => Promise<Response>) => vi.stubGlobal("fetch", answer);

it("shows what comes next, what to bring, and what is not prescribed yet", async () => {
  serve(() => Promise.resolve(Response.json(MINE)));
  render(<MinePage token="t" />);
  expect((await screen.findByRole("heading")).textContent).toBe("6 x 1 km");
  expect(screen.getByText("Bring: mini band and roller")).toBeTruthy();
  expect(screen.getByText("Open the warm-up").getAttribute("href")).toBe("/f/link-6 x 1 km");
  expect(screen.queryByText("over long ago")).toBeNull();
  expect(screen.getByText(/no warm-up yet/)).toBeTruthy();
});

it("says what a link that leads nowhere, and a device without a network, can do", async () => {
  serve(() => Promise.reject(new TypeError("no network")));
  render(<MinePage token="t" />);
  expect((await screen.findByRole("alert")).textContent).toContain("You are offline");
});
