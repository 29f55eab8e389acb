// @vitest-environment jsdom
import { afterEach, expect, it } from "vitest";
import { isOfThisMachine, linkTo, setPublicUrl } from "./address";

afterEach(() => setPublicUrl(null));

it("links to where others reach the server, else to where this page is from", () => {
  expect(linkTo("/f/abc")).toBe(`${window.location.origin}/f/abc`);
  setPublicUrl("https://warmup.example");
  expect(linkTo("/f/abc")).toBe("https://warmup.example/f/abc");
});

it.each([
  ["http://localhost:8520/f/a", true],
  ["http://127.0.0.1:8520/f/a", true],
  ["http://[::1]:8520/f/a", true],
  ["http://192.168.1.20:8520/f/a", false],
  ["https://warmup.example/f/a", false],
])("knows whether only this machine opens %s", (link, isOwn) => {
  expect(isOfThisMachine(link)).toBe(isOwn);
});
