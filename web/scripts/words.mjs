// What core calls things, from the API's description into a module of its own.
import { readFileSync, writeFileSync } from "node:fs";

const description = JSON.parse(
  readFileSync(new URL("../../server/src/main/openapi/openapi.json", import.meta.url), "utf8"),
);
writeFileSync(
  new URL("../src/api/words.ts", import.meta.url),
  `// Made by npm run types.\nexport const WORDS = ${JSON.stringify(description.info["x-words"], null, 2)} as const;\n`,
);
