// In the builder: milliseconds from a press to the repaint that answers it, by kind of edit.
async (rounds) => {
  const LONGEST = 10_000;
  const button = (name) =>
    [...document.querySelectorAll("button")].find(
      (b) => b.getAttribute("aria-label") === name || b.textContent.trim() === name,
    );
  const text = (id) => document.querySelector(`[data-testid=${id}]`)?.textContent;
  const from = (name, isAnswered) =>
    new Promise((done, failed) => {
      const start = performance.now();
      button(name).click();
      const look = () => {
        if (isAnswered()) requestAnimationFrame(() => done(performance.now() - start));
        else if (performance.now() - start > LONGEST) failed(new Error(`${name}: no answer`));
        else requestAnimationFrame(look);
      };
      requestAnimationFrame(look);
    });
  const times = { minutes: [], remove: [], undo: [], dose: [], lock: [] };
  for (let i = 0; i < rounds; i++) {
    const length = text("length");
    times.minutes.push(
      await from(i % 2 ? "A minute more" : "A minute less", () => text("length") !== length),
    );
    const heading = [...document.querySelectorAll("h2")].find((h) =>
      ["Mobilise", "Activate", "Drills"].includes(h.textContent),
    );
    const drill = heading.nextElementSibling.querySelector("button").textContent.trim();
    const remove = `Remove ${drill}`;
    times.remove.push(await from(remove, () => !button(remove)));
    times.undo.push(await from("Undo", () => button(remove)));
    button(drill).click();
    await new Promise(requestAnimationFrame);
    const dose = text("dose");
    times.dose.push(await from("More", () => text("dose") !== dose));
    const unlock = `Unlock ${drill}`;
    times.lock.push(await from(unlock, () => !button(unlock)));
  }
  return times;
}
