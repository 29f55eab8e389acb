import js from "@eslint/js";
import a11y from "eslint-plugin-jsx-a11y";
import hooks from "eslint-plugin-react-hooks";
import ts from "typescript-eslint";

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
    rules: {
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
