import react from "@vitejs/plugin-react";
import { defineConfig } from "vitest/config";

export default defineConfig({
  resolve: { alias: { "@": `${import.meta.dirname}/src` } },
  test: {
    // A shared machine may be several times slower than usual; what is fast is measured in the bench, not here.
    testTimeout: 120_000,
    hookTimeout: 120_000,
    pool: "threads",
    // Most of a run is loading modules: files of one thread share them. A test that leaves something behind fails another.
    isolate: false,
    projects: [
      {
        extends: true,
        test: { name: "core", environment: "node", include: ["src/**/*.test.ts"] },
      },
      {
        extends: true,
        plugins: [react()],
        test: { name: "ui", environment: "jsdom", include: ["src/**/*.test.tsx"], setupFiles: ["./vitest.setup.tsx"] },
      },
    ],
  },
});
