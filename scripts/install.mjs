import { spawnSync } from "node:child_process";
import { existsSync, statSync } from "node:fs";
import path from "node:path";

export const root = path.resolve(import.meta.dirname, "..");

/** Installs the packages of the lockfile where they are missing or older than it. */
export function installPackages() {
  const stamp = path.join(root, "node_modules/.package-lock.json");
  if (existsSync(stamp) && statSync(stamp).mtimeMs >= statSync(path.join(root, "package-lock.json")).mtimeMs - 1000) return;
  console.log("Installing packages. The first time takes two to five minutes, since the database is compiled for this machine.");
  const cli = process.env.npm_execpath;
  const options = { cwd: root, stdio: "inherit" };
  const result = cli
    ? spawnSync(process.execPath, [cli, "ci", "--no-audit", "--no-fund"], options)
    : spawnSync("npm", ["ci", "--no-audit", "--no-fund"], { ...options, shell: process.platform === "win32" });
  if (result.status !== 0) stop("The packages could not be installed. The lines above say why; mend that and run the command again.");
}

/** Runs a program of the project's own packages and waits for it. */
export function runPackage(name, args, env = {}) {
  const result = spawnSync(process.execPath, [path.join(root, "node_modules", name), ...args], {
    cwd: root,
    stdio: "inherit",
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: "1", ...env },
  });
  return result.status ?? 1;
}

export function stop(sentence) {
  console.error(sentence);
  process.exit(1);
}
