import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";
import { VitePWA } from "vite-plugin-pwa";

export default defineConfig({
  plugins: [
    react(),
    // The athlete's page alone works with no network; what links lead to has a manifest of its own.
    VitePWA({
      strategies: "injectManifest",
      srcDir: "src/follow",
      filename: "sw.ts",
      injectRegister: false,
      manifest: false,
      injectManifest: {
        globPatterns: ["follow.html", "assets/*.{js,css,woff2}", "*.svg"],
        globIgnores: ["assets/coach-*"],
      },
    }),
  ],
  css: { modules: { localsConvention: "camelCaseOnly" } },
  build: {
    // Browsers since 2023 know modulepreload themselves.
    modulePreload: { polyfill: false },
    rollupOptions: {
      input: { coach: "index.html", athlete: "follow.html" },
      checks: { circularDependency: true },
      onwarn(warning, warn) {
        // Packages may have theirs.
        if (warning.code === "CIRCULAR_DEPENDENCY") {
          if (!warning.message.includes("node_modules")) throw new Error(warning.message);
        } else warn(warning);
      },
    },
    chunkSizeWarningLimit: 800,
  },
  server: {
    host: "127.0.0.1",
    port: 5273,
    proxy: { "/api": `http://127.0.0.1:${process.env.JUBILEE_PORT ?? "8520"}` },
  },
});
