import { defineConfig, mergeConfig } from "vitest/config";
import vite from "./vite.config.ts";

export default mergeConfig(
  vite,
  defineConfig({
    test: { setupFiles: ["src/testing/setup.ts"], testTimeout: 60_000, maxWorkers: "100%" },
  }),
);
