import path from "node:path";
import { defineConfig } from "vitest/config";

const alias = { "@": path.resolve(import.meta.dirname, "src") };

export default defineConfig({
  test: {
    projects: [
      { resolve: { alias }, test: { name: "core", include: ["src/**/*.test.ts", "tests/unit/**/*.test.ts"], environment: "node", testTimeout: 20_000 } },
      {
        resolve: { alias },
        test: {
          name: "journeys",
          include: ["tests/journeys/**/*.test.ts"],
          environment: "node",
          fileParallelism: false,
          testTimeout: 90_000,
          hookTimeout: 120_000,
        },
      },
    ],
  },
});
