import { readFileSync } from "node:fs";
import path from "node:path";
import type { Example } from "./fit-model";

const file = path.resolve(import.meta.dirname, "../../quality/mended/drafts.tsv");

/**
 * Drafts that were shown for passages which the engine had not seen then, labelled true where they had to be
 * mended since. Their features are those of the engine of that day: what was mended cannot be drafted again.
 * The kind is left out: how many of each kind a paper has, the plan decides.
 */
export function readShownThen(): Example[] {
  const lines = readFileSync(file, "utf8").split("\n").filter(Boolean);
  const names =
    lines
      .find((line) => line.startsWith("# features"))
      ?.split("\t")
      .slice(1) ?? [];
  return lines
    .filter((line) => !line.startsWith("#"))
    .map((line) => {
      const [group = "", verdict, , numbers = ""] = line.split("\t");
      const features = numbers.split(" ").map((one) => {
        const [index, value = "1"] = one.split(":");
        return [names[Number(index)]!, Number(value)] as const;
      });
      return { group, label: verdict === "-", features: Object.fromEntries(features.filter(([name]) => !name.startsWith("kind "))) };
    });
}
