import path from "node:path";
import { defineConfig } from "vitest/config";

const alias = { "@": path.resolve(import.meta.dirname, "src") };

// No limit of time decides whether a test passes: those below only end what hangs, on a machine ten times slower than ours too.
export default defineConfig({
  test: {
    projects: [
      {
        resolve: { alias },
        test: {
          name: "core",
          include: ["src/**/*.test.ts", "tests/unit/**/*.test.ts"],
          environment: "node",
          testTimeout: 180_000,
          hookTimeout: 180_000,
        },
      },
      {
        resolve: { alias },
        test: {
          name: "journeys",
          include: ["tests/journeys/**/*.test.ts"],
          environment: "node",
          fileParallelism: false,
          testTimeout: 180_000,
          hookTimeout: 180_000,
        },
      },
    ],
  },
});
