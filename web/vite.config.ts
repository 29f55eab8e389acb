import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";

export default defineConfig({
  plugins: [react()],
  css: { modules: { localsConvention: "camelCaseOnly" } },
  build: {
    rollupOptions: { input: { coach: "index.html", athlete: "follow.html" } },
    chunkSizeWarningLimit: 800,
  },
  server: {
    host: "127.0.0.1",
    port: 5273,
    proxy: { "/api": `http://127.0.0.1:${process.env.JUBILEE_PORT ?? "8520"}` },
  },
});
