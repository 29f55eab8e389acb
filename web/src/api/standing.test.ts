import { afterEach, describe, expect, it } from "vitest";
import { heard, onStanding, setStanding, standingNow } from "./standing";

afterEach(() => setStanding("WELL"));

describe("how things stand", () => {
  it.each([
    ["no answer at all", "/api/me", 0, "SERVER_AWAY"],
    ["the database is away", "/api/athletes", 503, "DATABASE_AWAY"],
    ["signed out", "/api/athletes", 401, "SIGNED_OUT"],
    ["a wrong password", "/api/sign-in", 401, "WELL"],
    ["a used invitation", "/api/invitations/accept", 404, "WELL"],
    ["a field that is refused", "/api/athletes", 422, "WELL"],
    ["too many at once", "/api/sign-in", 429, "WELL"],
  ])("after %s", (_, path, status, expected) => {
    heard(path, status);
    expect(standingNow()).toBe(expected);
  });

  it("is signed out until a sign-in succeeds, whatever else is answered", () => {
    heard("/api/athletes", 401);
    heard("/api/set-up", 200);
    heard("/api/sign-in", 401);
    expect(standingNow()).toBe("SIGNED_OUT");
    heard("/api/sign-in", 200);
    expect(standingNow()).toBe("WELL");
  });

  it("is told once for each change", () => {
    let told = 0;
    const stop = onStanding(() => told++);
    heard("/api/me", 0);
    heard("/api/athletes", 0);
    heard("/api/me", 200);
    stop();
    heard("/api/me", 0);
    expect(told).toBe(2);
  });
});
