// Linters and tests side by side; fails when one of them does.
import { spawn } from "node:child_process";
import process from "node:process";

const checks = [
  ["eslint", "."],
  ["prettier", "--check", "--log-level=warn", "."],
  ["vitest", "run"],
];
const codes = await Promise.all(
  checks.map(
    ([tool, ...args]) =>
      new Promise((done) => {
        spawn(tool, args, { stdio: "inherit" })
          .on("error", (e) => {
            process.stderr.write(`${tool}: ${e.message}\n`);
            done(1);
          })
          .on("close", (code) => done(code ?? 1));
      }),
  ),
);
process.exit(codes.every((code) => code === 0) ? 0 : 1);
