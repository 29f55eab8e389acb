// @vitest-environment jsdom
import { screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it, vi } from "vitest";
import { json, serve, show } from "../testing/render";
import { SignInPage } from "./SignInPage";

const ME = { coachId: "5f0c1f0e-0000-4000-8000-000000000001" };
const NOT_AWAITED = () => ({ awaited: false });

async function signIn(email: string, password: string) {
  await userEvent.type(screen.getByLabelText("E-mail"), email);
  await userEvent.type(screen.getByLabelText("Password"), password);
  await userEvent.keyboard("{Enter}");
}

describe("signing in", () => {
  it("sends what was typed, by the Enter key too", async () => {
    const asked = serve({ "GET /api/set-up": NOT_AWAITED, "POST /api/sign-in": () => ME });
    const onSignedIn = vi.fn();
    show(<SignInPage onSignedIn={onSignedIn} />);
    await signIn("coach@lanternmere.example", "a lantern on the mere");
    await waitFor(() => expect(onSignedIn).toHaveBeenCalledExactlyOnceWith(ME.coachId));
    expect(asked.find((a) => a.method === "POST")?.body).toEqual({
      email: "coach@lanternmere.example",
      password: "a lantern on the mere",
    });
  });

  it("says what is wrong, keeps the address, and can be tried again", async () => {
    let isKnown = false;
    serve({
      "GET /api/set-up": NOT_AWAITED,
      "POST /api/sign-in": () =>
        isKnown ? ME : json({ detail: "E-mail or password is wrong." }, 401),
    });
    const onSignedIn = vi.fn();
    show(<SignInPage onSignedIn={onSignedIn} />);
    await signIn("coach@lanternmere.example", "wrong");
    expect((await screen.findByRole("alert")).textContent).toBe("E-mail or password is wrong.");
    expect(screen.getByLabelText<HTMLInputElement>("E-mail").value).toContain("lanternmere");
    isKnown = true;
    await userEvent.click(screen.getByRole("button", { name: "Sign in" }));
    await waitFor(() => expect(onSignedIn).toHaveBeenCalledExactlyOnceWith(ME.coachId));
  });

  it("tells a server that is away from a wrong password", async () => {
    serve({
      "GET /api/set-up": NOT_AWAITED,
      "POST /api/sign-in": () => {
        throw new TypeError("connection refused");
      },
    });
    show(<SignInPage onSignedIn={() => undefined} />);
    await signIn("coach@lanternmere.example", "right");
    expect((await screen.findByRole("alert")).textContent).toContain("cannot be reached");
  });
});
