import js from "@eslint/js";
import imports from "eslint-plugin-import";
import a11y from "eslint-plugin-jsx-a11y";
import hooks from "eslint-plugin-react-hooks";
import ts from "typescript-eslint";

/** Folders from the ground up: each may use what stands before its own line. */
const STOREYS = [
  ["api", "running"],
  ["shared", "signal"],
  ["body", "drill", "lead", "people", "recording", "signin"],
  ["checkin", "decision", "screening"],
  ["board", "follow", "logbook"],
  ["learning", "record"],
  ["question", "review"],
  ["athlete", "prescription"],
  ["block", "session"],
  ["app"],
];

const zones = STOREYS.flatMap((storey, i) =>
  storey.map((folder) => ({
    target: `./src/${folder}`,
    from: [storey.filter((beside) => beside !== folder), ...STOREYS.slice(i + 1)]
      .flat()
      .map((above) => `./src/${above}`),
    message: "A folder uses what stands below it; see STOREYS in eslint.config.js.",
  })),
);

export default ts.config(
  { ignores: ["dist", "target", "node_modules", "src/**/schema.ts", "src/api/words.ts"] },
  js.configs.recommended,
  ...ts.configs.strictTypeChecked,
  {
    languageOptions: {
      parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname },
    },
  },
  a11y.flatConfigs.recommended,
  hooks.configs.flat.recommended,
  {
    plugins: { import: imports },
    settings: {
      "import/resolver": { node: { extensions: [".ts", ".tsx"] } },
      "import/parsers": { "@typescript-eslint/parser": [".ts", ".tsx"] },
    },
    rules: {
      "import/no-restricted-paths": ["error", { basePath: import.meta.dirname, zones }],
      "@typescript-eslint/no-non-null-assertion": "error",
      "@typescript-eslint/consistent-type-imports": "error",
      "@typescript-eslint/no-confusing-void-expression": ["error", { ignoreArrowShorthand: true }],
      // Pages come without TLS in a club's own network, and then browsers offer neither.
      "no-restricted-properties": [
        "error",
        { object: "crypto", property: "randomUUID", message: "Use newKey()." },
      ],
      "@typescript-eslint/restrict-template-expressions": ["error", { allowNumber: true }],
    },
  },
  {
    ...ts.configs.disableTypeChecked,
    files: ["**/*.js", "**/*.mjs", "*.config.ts"],
  },
  {
    files: ["scripts/*.mjs", "public/sw.js"],
    languageOptions: {
      globals: { self: "readonly", caches: "readonly", fetch: "readonly", URL: "readonly" },
    },
  },
);
