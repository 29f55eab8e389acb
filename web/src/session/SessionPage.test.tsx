// @vitest-environment jsdom
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import type { SessionDetails } from "../api/types";
import { refusal, serve, show, type Asked } from "../testing/render";
import { EditSessionPage, SessionPage } from "./SessionPage";

const BOARD = "What you would write on the whiteboard";
const field = (name: string) => screen.getByLabelText<HTMLInputElement>(name);
const change = (name: string, value: string) =>
  fireEvent.change(field(name), { target: { value } });
const save = () => fireEvent.click(screen.getByRole("button", { name: "Save" }));

/** A server to which every text is a row test, and the weather 7 °C. */
const UNDERSTOOD = {
  sport: "ROW",
  kind: "TIME_TRIAL",
  stroke: null,
  label: "",
  lines: [],
  faults: [],
  notes: [],
  next: "",
  seconds: 480,
  stretches: [],
  words: "2 km test",
};

const ANOTHER = {
  id: "other",
  details: {
    title: "3 x 10 min",
    startsAt: "2026-11-28T17:45:00",
    minutes: 30,
    athleteIds: ["ilo"],
  },
};

function page(
  answer: (asked: Asked) => unknown = () => ({ id: "s1" }),
  understood: object = UNDERSTOOD,
  sessions: object[] = [ANOTHER],
) {
  const asked = serve({
    "GET /api/places": () => [
      { place: "TRACK", usualKit: {}, usualFor: ["RUN"] },
      { place: "BOATHOUSE", usualKit: {}, usualFor: ["ROW"] },
      { place: "POOL_DECK", usualKit: {}, usualFor: ["SWIM"] },
    ],
    "GET /api/athletes": () => [
      { id: "edda", archived: false, profile: { name: "Edda Vollmar", sport: "ROW" } },
      { id: "ilo", archived: false, profile: { name: "Ilo Brandsen", sport: "RUN" } },
      { id: "ana", archived: true, profile: { name: "Ana Tarn", sport: "RUN" } },
    ],
    "GET /api/weather": () => ({ temperature: 7, source: "made up" }),
    "POST /api/shorthand": () => understood,
    "GET /api/sessions": () => [...sessions],
    "POST /api/sessions": answer,
  });
  show(<SessionPage today="2026-11-26" />, { at: "/sessions/new?date=2026-11-28" });
  const of = (method: string) =>
    asked.filter((a) => a.path === "/api/sessions" && a.method === method);
  return Object.assign(() => of("POST")[0]?.body as SessionDetails, {
    /** Whether the day was asked for again after that. */
    isDayReadAgain: () =>
      asked.findLastIndex((a) => of("GET").includes(a)) >
      asked.findIndex((a) => of("POST").includes(a)),
  });
}

describe("a new session", () => {
  it("follows what the words say until the coach chooses otherwise", async () => {
    page();
    expect(field("Sport").value).toBe("RUN");
    change(BOARD, "2k test");
    await waitFor(() => expect(field("Sport").value).toBe("ROW"));
    expect(field("Kind").value).toBe("TIME_TRIAL");
    expect(field("Place").value).toBe("BOATHOUSE");
    change("Kind", "INTERVALS");
    change(BOARD, "2k test again");
    await waitFor(() => expect(field("Sport").value).toBe("ROW"));
    expect(field("Kind").value).toBe("INTERVALS");
  });

  it("takes the forecast until a temperature is typed, a minus too", async () => {
    const sent = page();
    await waitFor(() => expect(screen.getByLabelText<HTMLInputElement>(/^Temp/).value).toBe("7"));
    fireEvent.change(screen.getByLabelText(/^Temp/), { target: { value: "" } });
    expect(screen.getByLabelText<HTMLInputElement>(/^Temp/).value).toBe("");
    fireEvent.change(screen.getByLabelText(/^Temp/), { target: { value: "-3" } });
    save();
    await waitFor(() => expect(sent()).toBeDefined());
    expect(sent().temperature).toBe(-3);
    expect(sent().startsAt).toBe("2026-11-28T17:30:00");
  });

  it("does not take an empty temperature for nought degrees", async () => {
    const sent = page();
    await waitFor(() => expect(screen.getByLabelText<HTMLInputElement>(/^Temp/).value).toBe("7"));
    fireEvent.change(screen.getByLabelText(/^Temp/), { target: { value: "" } });
    save();
    await waitFor(() => expect(sent()).toBeDefined());
    expect(sent().temperature).toBe(7);
  });

  it("takes a day and a time as people write them, and sends none that it cannot read", async () => {
    const sent = page();
    await waitFor(() => expect(field("Date").value).toBe("Sat 28 Nov 2026"));
    change("Date", "5.12.2026");
    change("First effort at", "quarter past");
    save();
    await screen.findByText(/a time, such as/);
    expect(sent()).toBeUndefined();
    change("First effort at", "6:15 am");
    fireEvent.blur(field("First effort at"));
    expect(field("First effort at").value).toBe("06:15");
    save();
    await waitFor(() => expect(sent()).toBeDefined());
    expect(sent().startsAt).toBe("2026-12-05T06:15:00");
  });

  it("saves what was typed a moment ago as it is understood, and opens its day", async () => {
    const sent = page();
    change(BOARD, "2k test");
    save();
    await waitFor(() => expect(screen.getByTestId("address").textContent).toBe("/day/2026-11-28"));
    expect(sent().kind).toBe("TIME_TRIAL");
    expect(sent().title).toBe("2k test");
  });

  it("leaves the kind open while the line is not all understood, and asks for it", async () => {
    const half = { what: "“fartlik” is not known here.", from: 0, to: 7, suggestion: "" };
    const sent = page(undefined, { ...UNDERSTOOD, kind: null, faults: [half] });
    change(BOARD, "fartlik 40 min");
    await screen.findByText(/is not known here/);
    expect(field("Kind").value).toBe("");
    save();
    expect(await screen.findByText(/Accepted: a kind that you choose/)).toBeTruthy();
    expect(sent()).toBeUndefined();
    change("Kind", "THRESHOLD");
    save();
    await waitFor(() => expect(sent()).toBeDefined());
    expect(sent().kind).toBe("THRESHOLD");
  });

  it("shows athletes of the sport first, and forgets those chosen for another", async () => {
    const sent = page();
    await screen.findByText("Ilo Brandsen, run");
    fireEvent.click(screen.getByText("Ilo Brandsen, run"));
    change("Sport", "ROW");
    const names = screen.getAllByText(/, (row|run)$/).map((label) => label.textContent);
    expect(names).toEqual(["Edda Vollmar, row", "Ilo Brandsen, run"]);
    save();
    await waitFor(() => expect(sent()).toBeDefined());
    expect(sent().athleteIds).toEqual([]);
    expect(sent().place).toBe("BOATHOUSE");
  });

  it("points out who is somewhere else, and offers nobody who left", async () => {
    page();
    await screen.findByText("Ilo Brandsen, run");
    expect(screen.queryByText("Ana Tarn, run")).toBeNull();
    fireEvent.click(screen.getByText("Ilo Brandsen, run"));
    await screen.findByText("▲ Ilo Brandsen is also in “3 x 10 min” at 17:45.");
    change("First effort at", "06:00");
    await waitFor(() => expect(screen.queryByText(/is also in/)).toBeNull());
  });

  it("does not say of a session just saved that its athletes are elsewhere, in it", async () => {
    const others: object[] = [];
    const sent = page(
      ({ body }) => {
        others.push({ id: "s1", details: body });
        return { id: "s1" };
      },
      UNDERSTOOD,
      others,
    );
    change(BOARD, "2k test");
    await waitFor(() => expect(field("Sport").value).toBe("ROW"));
    fireEvent.click(await screen.findByText("Edda Vollmar, row"));
    await waitFor(() =>
      expect(screen.getByLabelText("Edda Vollmar, row")).toHaveProperty("checked", true),
    );
    save();
    await waitFor(() => expect(sent()).toBeDefined());
    expect(sent().athleteIds).toEqual(["edda"]);
    await waitFor(() => expect(sent.isDayReadAgain()).toBe(true));
    // Time for what came to be on the screen.
    await new Promise((resolve) => setTimeout(resolve, 50));
    expect(screen.queryByText(/is also in/)).toBeNull();
  });

  it("lets some start later, and forgets it of whoever does not take part", async () => {
    const sent = page();
    await screen.findByText("Ilo Brandsen, run");
    fireEvent.click(screen.getByText("Ilo Brandsen, run"));
    await screen.findByText(/is also in/);
    expect(screen.queryByRole("button", { name: /later/ })).toBeNull();
    fireEvent.click(screen.getByText("Edda Vollmar, row"));
    fireEvent.click(await screen.findByRole("button", { name: "Some start later…" }));
    change("First effort at", "17:30");
    change("Edda Vollmar", "17:50");
    change("Ilo Brandsen", "18:00");
    await screen.findByText(/20 min later/);
    fireEvent.change(screen.getByLabelText(/^Ilo Brandsen, 30 min later/), {
      target: { value: "17:10" },
    });
    await screen.findByText(/for earlier starts move the session/);
    fireEvent.click(screen.getByText("Ilo Brandsen, run"));
    await waitFor(() => expect(screen.queryByText(/earlier starts/)).toBeNull());
    save();
    await waitFor(() => expect(sent()).toBeDefined());
    expect(sent().laterStarts).toEqual([{ athleteId: "edda", minutes: 20 }]);
  });

  it("says at its field what would be accepted", async () => {
    page(() => refusal({ startsAt: "2026 or later", minutes: "3 to 120 min" }));
    change("Minutes to warm up", "999");
    save();
    expect(await screen.findByText("Accepted: 3 to 120 min")).toBeTruthy();
    expect(field("First effort at").getAttribute("aria-invalid")).toBe("true");
    expect(field("Minutes to warm up").value).toBe("999");
  });
});

const STORED = {
  id: "s1",
  version: 3,
  details: {
    startsAt: "2026-11-28T07:15:00",
    sport: "ROW",
    kind: "TIME_TRIAL",
    title: "2k test",
    effortMetres: 2000,
    effortSeconds: null,
    stroke: null,
    place: "BOATHOUSE",
    minutes: 40,
    temperature: 5,
    comingFrom: "BED",
    kit: ["ROWER"],
    athleteIds: ["edda"],
  },
  warmUps: [{ prescriptionId: "p1", athleteId: "edda", seconds: 1800, steps: [] }],
};

/** The same server, with a session on the calendar. */
function stored(answers: Record<string, (asked: Asked) => unknown> = {}) {
  const asked = serve({
    "GET /api/places": () => [
      { place: "BOATHOUSE", usualKit: {}, usualFor: ["ROW"] },
      { place: "GYM", usualKit: {}, usualFor: [] },
    ],
    "GET /api/athletes": () => [{ id: "edda", profile: { name: "Edda Vollmar", sport: "ROW" } }],
    "GET /api/weather": () => ({ temperature: 7, source: "made up" }),
    "POST /api/shorthand": () => ({
      sport: "ROW",
      kind: "INTERVALS",
      stroke: null,
      label: "",
      lines: [],
      faults: [],
      notes: [],
      next: "",
      seconds: 480,
      stretches: [],
      words: "something",
    }),
    "GET /api/sessions/s1": () => STORED,
    ...answers,
  });
  show(<EditSessionPage />, { at: "/sessions/s1", path: "/sessions/:id" });
  return (method: string) => asked.find((a) => a.method === method && a.path.includes("/s1"));
}

describe("a session on the calendar", () => {
  it("is sent back as it was but for what was changed", async () => {
    const sent = stored({ "PUT /api/sessions/s1": () => STORED });
    await screen.findByText(/1 warm-up is prescribed/);
    change("Minutes to warm up", "30");
    save();
    await waitFor(() => expect(sent("PUT")).toBeDefined());
    expect(sent("PUT")?.query).toEqual({ version: "3" });
    expect(sent("PUT")?.body).toEqual({ ...STORED.details, laterStarts: [], minutes: 30 });
  });

  it("is another kind of work when other words are written", async () => {
    const sent = stored({ "PUT /api/sessions/s1": () => STORED });
    await screen.findByText(/1 warm-up is prescribed/);
    change(BOARD, "5 x 500 m");
    change("Place", "GYM");
    save();
    await waitFor(() => expect(sent("PUT")).toBeDefined());
    expect(sent("PUT")?.body).toMatchObject({
      title: "5 x 500 m",
      kind: "INTERVALS",
      effortMetres: null,
      kit: null,
    });
  });

  it("is deleted when asked twice, saying what goes with it", async () => {
    const sent = stored({ "DELETE /api/sessions/s1": () => ({ ...STORED, version: 4 }) });
    fireEvent.click(await screen.findByRole("button", { name: "Delete" }));
    expect(screen.getByText(/Its warm-up goes with it/)).toBeTruthy();
    expect(sent("DELETE")).toBeUndefined();
    fireEvent.click(screen.getByRole("button", { name: "Delete it now" }));
    await waitFor(() => expect(sent("DELETE")?.query).toEqual({ version: "3" }));
  });
});
