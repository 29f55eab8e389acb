// What a first view loads of JavaScript, compressed, against its budget; fails when it is over.
import { readFileSync } from "node:fs";
import process from "node:process";
import { gzipSync } from "node:zlib";

const KILOBYTE = 1000;
const budgets = [
  { page: "index.html", what: "the coach's first view", most: 180 },
  { page: "follow.html", what: "the player", most: 100 },
];
const folder = process.argv[2] ?? "dist";

for (const { page, what, most } of budgets) {
  const html = readFileSync(`${folder}/${page}`, "utf8");
  const scripts = [...html.matchAll(/(?:src|href)="([^"]+\.js)"/g)].map(([, path]) => path);
  const bytes = scripts
    .map((path) => gzipSync(readFileSync(`${folder}${path}`), { level: 9 }).length)
    .reduce((a, b) => a + b, 0);
  const size = (bytes / KILOBYTE).toFixed(1);
  process.stdout.write(`JavaScript of ${what}: ${size} kB of ${most} kB, gzip\n`);
  if (scripts.length === 0 || bytes > most * KILOBYTE) process.exitCode = 1;
}
