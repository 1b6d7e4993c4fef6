import { readdirSync, readFileSync, statSync } from "node:fs";
import path from "node:path";
import { expect, it } from "vitest";
import { root } from "../support/language-tools";

function filesUnder(folder: string): string[] {
  return readdirSync(folder).flatMap((name) => {
    const file = path.join(folder, name);
    return statSync(file).isDirectory() ? filesUnder(file) : [file];
  });
}

const coreFiles = filesUnder(path.join(root, "src/core")).filter((file) => file.endsWith(".ts") && !file.endsWith(".test.ts"));

it("core has neither clock nor chance: both are passed in", () => {
  const guilty = coreFiles.filter((file) => /Math\.random|Date\.now|new Date\(\)|performance\.now/.test(readFileSync(file, "utf8")));
  expect(coreFiles.length).toBeGreaterThan(50);
  expect(guilty).toEqual([]);
});

it("no file is so long that someone new loses the way", () => {
  const long = filesUnder(path.join(root, "src")).filter(
    (file) => /\.tsx?$/.test(file) && !/\.test\.ts$|\/data\/|grammar\.ts$/.test(file) && readFileSync(file, "utf8").split("\n").length > 400,
  );
  expect(long).toEqual([]);
});
