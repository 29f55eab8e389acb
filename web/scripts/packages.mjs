// Installs what package-lock.json names, unless exactly that is installed already.
import { execSync } from "node:child_process";
import { createHash } from "node:crypto";
import { existsSync, readFileSync, writeFileSync } from "node:fs";

const lock = createHash("sha256").update(readFileSync("package-lock.json")).digest("hex");
const mark = "node_modules/.installed-lock";
if (!existsSync(mark) || readFileSync(mark, "utf8") !== lock) {
  execSync("npm ci --no-audit --no-fund --loglevel=error", { stdio: "inherit" });
  writeFileSync(mark, lock);
}
