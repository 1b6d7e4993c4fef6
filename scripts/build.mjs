import { existsSync, readdirSync, statSync } from "node:fs";
import path from "node:path";
import { root, runPackage, stop } from "./install.mjs";

/** Builds for production where nothing is built yet or something has changed since. */
export function buildIfNeeded() {
  const stamp = path.join(root, ".next/BUILD_ID");
  const changed = Math.max(...["src", "package-lock.json", "next.config.ts", "postcss.config.mjs"].map((name) => newest(path.join(root, name))));
  if (existsSync(stamp) && statSync(stamp).mtimeMs >= changed) return;
  console.log("Building for production. This takes about a minute.");
  if (runPackage("next/dist/bin/next", ["build"]) !== 0) stop("The build failed. The lines above say why.");
}

function newest(file) {
  const stats = statSync(file);
  if (!stats.isDirectory()) return stats.mtimeMs;
  return Math.max(0, ...readdirSync(file).map((name) => newest(path.join(file, name))));
}
