import { expect, it } from "vitest";
import { newKey } from "./once";

it("makes random UUIDs of version 4, no two alike", () => {
  const keys = Array.from({ length: 2000 }, newKey);
  for (const key of keys) {
    // RFC 9562, 5.4.
    expect(key).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
  }
  expect(new Set(keys).size).toBe(keys.length);
});
