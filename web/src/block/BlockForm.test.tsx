// @vitest-environment jsdom
import { act, fireEvent, screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import type { BlockDefinition } from "../api/types";
import { refusal, serve, show } from "../testing/render";
import { NewBlock } from "./BlockForm";

const athlete = (id: string, name: string, sport: string) => ({
  id,
  archived: false,
  profile: { name, sport, level: "NOVICE" },
});
const ATHLETES = [athlete("edda", "Edda Vollmar", "ROW"), athlete("ilo", "Ilo Brandsen", "SWIM")];

const field = (name: string, at = 0) =>
  screen.getAllByLabelText<HTMLInputElement>(name)[at] as HTMLInputElement;
const change = (name: string, value: string, at = 0) =>
  fireEvent.change(field(name, at), { target: { value } });
const press = (name: string) => fireEvent.click(screen.getByRole("button", { name }));

async function form(answer: (body: unknown) => unknown = () => ({ id: "b1" })) {
  const asked = serve({
    "GET /api/places": () => [
      { place: "TRACK", usualKit: {}, usualFor: ["RUN"] },
      { place: "BOATHOUSE", usualKit: {}, usualFor: ["ROW"] },
      { place: "POOL_DECK", usualKit: {}, usualFor: ["SWIM"] },
    ],
    "GET /api/athletes": () => ATHLETES,
    "POST /api/blocks": ({ body }) => answer(body),
  });
  show(<NewBlock today="2026-11-26" />);
  fireEvent.click(await screen.findByRole("button", { name: "Show 2 more" }));
  return () => asked.find((a) => a.method === "POST")?.body as BlockDefinition;
}

describe("laying out a block", () => {
  it("sends dates, groups and the week, and opens what was laid out", async () => {
    const sent = await form();
    change("Name", "Winter");
    await userEvent.click(screen.getByText("Edda Vollmar, row"));
    press("Add the first session");
    change("On the whiteboard", "6 x 1000 @ 5k, 90 s jog");
    change("°C", "-4");
    press("Create the block");
    await waitFor(() => expect(screen.getByTestId("address").textContent).toBe("/block/b1"));
    expect(sent()).toMatchObject({
      name: "Winter",
      start: "2026-11-26",
      race: "2027-02-16",
      groups: [{ name: "Squad", athleteIds: ["edda"] }],
      pattern: [
        {
          day: "MONDAY",
          time: "18:00",
          group: "Squad",
          sport: "ROW",
          place: "BOATHOUSE",
          shorthand: "6 x 1000 @ 5k, 90 s jog",
          temperature: -4,
        },
      ],
    });
  });

  it("sends nothing while a figure is none, and never the one before in its place", async () => {
    const sent = await form();
    press("Add the first session");
    change("Minutes", "25x");
    expect(screen.getByText("Accepted: a whole number")).toBeTruthy();
    press("Create the block");
    await act(() => new Promise((done) => setTimeout(done, 50)));
    expect(sent()).toBeUndefined();
    change("Minutes", "25");
    press("Create the block");
    await waitFor(() => expect(sent()).toBeDefined());
    expect(sent().pattern[0]?.minutes).toBe(25);
  });

  it("keeps sessions with their group when it is renamed", async () => {
    const sent = await form();
    press("Add the first session");
    change("Group", "Lakesiders");
    press("Add a session");
    press("Create the block");
    await waitFor(() => expect(sent()).toBeDefined());
    expect(sent().groups.map((g) => g.name)).toEqual(["Lakesiders"]);
    expect(sent().pattern.map((p) => [p.day, p.group])).toEqual([
      ["MONDAY", "Lakesiders"],
      ["TUESDAY", "Lakesiders"],
    ]);
  });

  it("offers nobody to two groups", async () => {
    await form();
    press("Add a group");
    press("Show 2 more");
    expect(screen.getAllByText("Edda Vollmar, row")).toHaveLength(2);
    await userEvent.click(screen.getAllByText("Edda Vollmar, row")[0] as HTMLElement);
    expect(screen.getAllByText("Edda Vollmar, row")).toHaveLength(1);
    expect(screen.getAllByText("Ilo Brandsen, swim")).toHaveLength(2);
  });

  it("moves a session with its group to its sport, but not from a place that was chosen", async () => {
    const sent = await form();
    press("Add a group");
    press("Show 2 more");
    await userEvent.click(screen.getAllByText("Edda Vollmar, row")[0] as HTMLElement);
    await userEvent.click(screen.getAllByText("Ilo Brandsen, swim")[1] as HTMLElement);
    press("Add the first session");
    press("Add a session");
    change("Place", "GYM", 1);
    // Two fields of groups' names come first.
    change("Group", "Group 2", 2);
    change("Group", "Group 2", 3);
    press("Create the block");
    await waitFor(() => expect(sent()).toBeDefined());
    expect(sent().pattern.map((p) => [p.sport, p.place])).toEqual([
      ["SWIM", "POOL_DECK"],
      ["SWIM", "GYM"],
    ]);
  });

  it("takes races on the way in order, each once, and away again", async () => {
    const sent = await form();
    for (const day of ["2027-01-20", "2026-12-20"]) {
      change("Another race", day);
      press("Add");
    }
    change("Another race", "2026-12-20");
    expect(screen.getByRole<HTMLButtonElement>("button", { name: "Add" }).disabled).toBe(true);
    expect(screen.getAllByLabelText(/^Remove the race/)).toHaveLength(2);
    press("Remove the race on Wed 20 Jan 2027");
    press("Create the block");
    await waitFor(() => expect(sent()).toBeDefined());
    expect(sent().otherRaces).toEqual(["2026-12-20"]);
  });

  it("says at its field what the server would accept, in the week too", async () => {
    await form(() =>
      refusal({ weeks: "1 to 30 weeks", "pattern[0].shorthand": "a session", name: "a name" }),
    );
    press("Add the first session");
    press("Create the block");
    expect(await screen.findByText("Accepted: 1 to 30 weeks")).toBeTruthy();
    expect(field("Race").getAttribute("aria-invalid")).toBe("true");
    expect(field("On the whiteboard").getAttribute("aria-invalid")).toBe("true");
    expect(field("Name").getAttribute("aria-invalid")).toBe("true");
    expect(field("First day").getAttribute("aria-invalid")).not.toBe("true");
  });
});
