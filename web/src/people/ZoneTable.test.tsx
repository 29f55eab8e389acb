// @vitest-environment jsdom
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { expect, it } from "vitest";
import { serve, show } from "../testing/render";
import { ZoneTable } from "./ZoneTable";

const RUN = { sport: "RUN", zone: 2, unit: "EXERTION", low: 3, high: 4 };

it("saves a sport's zones and leaves the others; half a zone is not saved", async () => {
  const user = userEvent.setup();
  const asked = serve({
    "GET /api/zones": () => ({ version: 3, meanings: [RUN] }),
    "PUT /api/zones": ({ body }) => ({ ...(body as object), version: 4 }),
  });
  show(<ZoneTable />);
  const save = await screen.findByRole<HTMLButtonElement>("button", { name: "Save zones" });
  await user.type(screen.getByLabelText("Z4 from"), "91");
  expect(save.disabled).toBe(true);
  await user.type(screen.getByLabelText("Z4 to"), "105");
  await user.click(save);

  const own = { sport: "RIDE", zone: 4, unit: "PERCENT_OF_CRITICAL", low: 91, high: 105 };
  expect(asked.at(-1)?.body).toEqual({ version: 3, meanings: [RUN, own] });
  await user.selectOptions(screen.getByLabelText("Sport"), "RUN");
  expect(screen.getByLabelText<HTMLInputElement>("Z2 to").value).toBe("4");
});
