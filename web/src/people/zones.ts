// Time zones to choose from, those of the tz database.

/** Where this device is. */
export function ownZone(): string {
  return Intl.DateTimeFormat().resolvedOptions().timeZone;
}

/** All zones, with a given one among them whether or not this browser knows it. */
export function zones(given: string): Record<string, string> {
  const known = new Set([...Intl.supportedValuesOf("timeZone"), ownZone(), given]);
  return Object.fromEntries([...known].sort().map((zone) => [zone, zone.replaceAll("_", " ")]));
}
