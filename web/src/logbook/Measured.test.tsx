// @vitest-environment jsdom
import { render, screen } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { Measured } from "./Measured";

const figure = (second: number, heartRate: number, expected = 0, power = 0) => ({
  second,
  heartRate,
  power,
  expected,
});

describe("what sensors said", () => {
  it("is told against what was expected", () => {
    const all = Array.from({ length: 20 }, (_, i) => figure(10 * i, 104 + i, 100 + i));
    render(<Measured measured={all} heartFactor={1.08} />);
    expect(screen.getByRole("img").getAttribute("aria-label")).toBe(
      "Heart rate 104–123 beats/min, 123 at the end; it rises 8 % further than the average one’s" +
        " for the same work (thin line: what is expected by now)",
    );
  });

  it("is broken where nothing was heard, and nothing where nothing ever was", () => {
    const { container, rerender } = render(
      <Measured measured={[figure(0, 100), figure(10, 101), figure(90, 110), figure(100, 111)]} />,
    );
    const line = container.querySelectorAll("path")[2]?.getAttribute("d") ?? "";
    expect(line.match(/M/g)).toHaveLength(2);
    rerender(<Measured measured={[figure(0, 0, 80)]} />);
    expect(container.querySelector("svg")).toBeNull();
  });
});
