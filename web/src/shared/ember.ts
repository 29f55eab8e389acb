// Effort as colour: one scale, light to dark, the same everywhere and in grey print.

const STEPS = [18, 30, 42, 52, 64, 76, 88];

/** The ember step, 0 to 7, of an effort of 0 to 100. */
export function emberStep(effort: number): number {
  const step = STEPS.findIndex((limit) => effort < limit);
  return step < 0 ? STEPS.length : step;
}

export function ember(effort: number): string {
  return `var(--ember-${emberStep(effort)})`;
}
