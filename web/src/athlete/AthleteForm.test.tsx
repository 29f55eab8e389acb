// @vitest-environment jsdom
import { screen, waitFor, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import type { AthleteProfile, AthleteView } from "../api/types";
import { refusal, serve, show } from "../testing/render";
import { AthleteForm } from "./AthleteForm";

const PROFILE: AthleteProfile = {
  name: "Edda Vollmar",
  sport: "ROW",
  level: "INTERMEDIATE",
  age: 34,
  restingHeartRate: 52,
  maximumHeartRate: null,
  results: [{ kind: "ROW_2K", seconds: 480, takenOn: "2026-10-01", setting: "FAIR" }],
  restrictions: [{ region: "ACHILLES", severity: "SORE", side: "BOTH" }],
  contraindications: ["FLOOR_WORK"],
  health: ["DIABETES"],
  deconditioned: false,
  mastery: { "a-series": 2 },
};

const EDDA: AthleteView = {
  id: "edda",
  archived: false,
  version: 3,
  profile: PROFILE,
  basis: [],
  weighed: [],
  conflicts: [],
};

const field = (name: string) => screen.getByLabelText<HTMLInputElement>(name);
const press = (name: string) => userEvent.click(screen.getByRole("button", { name }));

async function write(name: string, text: string) {
  await userEvent.clear(field(name));
  await userEvent.type(field(name), text);
}

describe("the form of an athlete", () => {
  it("sends what was typed, times in seconds, and opens what was saved", async () => {
    const asked = serve({ "POST /api/athletes": ({ body }) => ({ ...EDDA, profile: body }) });
    show(<AthleteForm />);
    await write("Name", "Edda Vollmar");
    await userEvent.selectOptions(field("Main sport"), "ROW");
    await write("Age, years", "34");
    await press("Add a result");
    await userEvent.selectOptions(field("Test"), "ROW_2K");
    await write("Time, m:ss", "8:00.5");
    await press("Add a region");
    await userEvent.click(screen.getByText("Nothing on the floor"));
    await userEvent.click(screen.getByText("Asthma"));
    await press("Save");

    await waitFor(() => expect(screen.getByTestId("address").textContent).toBe("/athletes/edda"));
    expect(asked).toHaveLength(1);
    expect(asked[0]?.body).toEqual({
      name: "Edda Vollmar",
      sport: "ROW",
      level: "NOVICE",
      age: 34,
      restingHeartRate: null,
      maximumHeartRate: null,
      results: [{ kind: "ROW_2K", seconds: 480.5, takenOn: null, setting: "FAIR" }],
      restrictions: [{ region: "CALVES", severity: "STIFF", side: "BOTH" }],
      contraindications: ["FLOOR_WORK"],
      health: ["ASTHMA"],
      deconditioned: false,
      mastery: {},
    });
  });

  it("keeps another level in another sport, one step away", async () => {
    const asked = serve({ "PUT /api/athletes/edda": ({ body }) => ({ ...EDDA, profile: body }) });
    show(<AthleteForm athlete={EDDA} />);
    await press("Another level in another sport");
    await userEvent.selectOptions(field("Level, swim"), "NOVICE");
    await press("Save");
    await waitFor(() => expect(asked).toHaveLength(1));
    expect(asked[0]?.body).toEqual({ ...PROFILE, levels: [{ sport: "SWIM", level: "NOVICE" }] });
  });

  it("says at its field what would be accepted, keeps what was typed, and asks again", async () => {
    let isRefused = true;
    const asked = serve({
      "PUT /api/athletes/edda": ({ body }) =>
        isRefused
          ? refusal({ age: "8 to 100 years", "results[0].seconds": "4:40 to 20:00" })
          : { ...EDDA, version: 4, profile: body },
    });
    show(<AthleteForm athlete={EDDA} />);
    await write("Age, years", "340");
    await write("Time, m:ss", "48:00");
    await press("Save");

    expect(await screen.findByText("Accepted: 8 to 100 years")).toBeTruthy();
    expect(screen.getByText("Accepted: 4:40 to 20:00")).toBeTruthy();
    expect(screen.getByText(/^Change what is marked above/)).toBeTruthy();
    expect(field("Age, years").getAttribute("aria-invalid")).toBe("true");
    expect(field("Name").getAttribute("aria-invalid")).not.toBe("true");
    expect(field("Age, years").value).toBe("340");
    expect(field("Time, m:ss").value).toBe("48:00");

    isRefused = false;
    await write("Age, years", "34");
    await write("Time, m:ss", "8:00");
    await press("Save");
    expect(await screen.findByText("Saved.")).toBeTruthy();
    expect(screen.queryByText(/^Accepted/)).toBeNull();
    expect(asked.map((a) => a.query["version"])).toEqual(["3", "3"]);
  });

  it("sends back unchanged what it shows and what it does not", async () => {
    const asked = serve({ "PUT /api/athletes/edda": ({ body }) => ({ ...EDDA, profile: body }) });
    show(<AthleteForm athlete={EDDA} />);
    await press("Save");
    await waitFor(() => expect(asked).toHaveLength(1));
    expect(asked[0]?.body).toEqual(PROFILE);
  });

  it("takes away the very region and result that is asked for", async () => {
    const asked = serve({ "PUT /api/athletes/edda": ({ body }) => ({ ...EDDA, profile: body }) });
    show(<AthleteForm athlete={EDDA} />);
    await press("Add a region");
    await userEvent.selectOptions(screen.getAllByLabelText("Region")[1] as HTMLElement, "HIPS");
    await userEvent.click(screen.getAllByRole("button", { name: "Remove" })[1] as HTMLElement);
    await press("Save");
    await waitFor(() => expect(asked).toHaveLength(1));
    expect(asked[0]?.body).toMatchObject({
      restrictions: [{ region: "HIPS", severity: "STIFF", side: "BOTH" }],
    });
    expect((asked[0]?.body as AthleteProfile).results).toHaveLength(1);
  });

  it("offers the figures of the test that is chosen", async () => {
    serve({});
    show(<AthleteForm />);
    await press("Add a result");
    await userEvent.selectOptions(field("Test"), "RIDE_POWER_TEST");
    expect(field("3 min, W").value).toBe("");
    expect(screen.queryByLabelText("Time, m:ss")).toBeNull();
    const conditions = within(field("Conditions")).getAllByRole("option");
    expect(conditions.map((o) => o.textContent)).toEqual(["fair", "wind, hills or heat"]);
  });
});
