// Everything that must hold: types, lint, unit tests, and journeys through a real browser. `npm test`
import { spawnSync } from "node:child_process";
import { existsSync, mkdtempSync, readFileSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { buildIfNeeded } from "./build.mjs";
import { installPackages, runPackage, stop } from "./install.mjs";

const results = [];
const failures = [];
const reports = mkdtempSync(path.join(tmpdir(), "vumo-test-"));

installPackages();
installChromium();
step("lint", () => runPackage("@biomejs/biome/bin/biome", ["check", "--error-on-warnings", "."]));
tests("core");
buildIfNeeded();
step("types", () => runPackage("typescript/bin/tsc", ["--noEmit"]));
tests("journeys");
finish();

/** Debian's Chromium and its driver; anywhere else they are asked for. */
function installChromium() {
  if (existsSync("/usr/bin/chromium") && existsSync("/usr/bin/chromedriver")) return;
  if (process.platform !== "linux" || process.getuid?.() !== 0 || !existsSync("/usr/bin/apt-get"))
    stop("The browser tests need Chromium and its driver: sudo apt-get install chromium chromium-driver");
  console.log("Installing Chromium and its driver for the browser tests.");
  const apt = (...args) =>
    spawnSync("apt-get", args, { stdio: ["ignore", "ignore", "inherit"], env: { ...process.env, DEBIAN_FRONTEND: "noninteractive" } }).status;
  apt("update");
  if (apt("install", "-y", "--no-install-recommends", "chromium", "chromium-driver") !== 0) stop("Chromium could not be installed. The lines above say why.");
}

function step(name, run) {
  console.log(`\n── ${name}`);
  const failed = run() === 0 ? 0 : 1;
  results.push({ passed: 1 - failed, failed });
  if (failed) failures.push(name);
}

function tests(project) {
  console.log(`\n── ${project}`);
  const file = path.join(reports, `${project}.json`);
  const status = runPackage("vitest/vitest.mjs", ["run", "--project", project, "--reporter=default", "--reporter=json", `--outputFile.json=${file}`]);
  const report = existsSync(file) ? JSON.parse(readFileSync(file, "utf8")) : undefined;
  const named = (report?.testResults ?? []).flatMap(failuresIn);
  // A run can fail without any test that does, by an error between the tests or before them.
  if (named.length === 0 && status !== 0) named.push(`${project}: the run itself failed; the lines above say why`);
  results.push({ passed: report?.numPassedTests ?? 0, failed: named.length });
  failures.push(...named);
}

/** A line for each failed test of a suite, with the first line of its error. */
function failuresIn(suite) {
  const file = path.relative(process.cwd(), suite.name);
  const failed = suite.assertionResults.filter(({ status }) => status === "failed");
  // A suite that could not even be loaded has no failed test of its own.
  if (failed.length === 0) return suite.status === "failed" ? [`${file}: ${firstLine(suite.message)}`] : [];
  return failed.map((test) => `${file}: ${test.fullName}: ${firstLine(test.failureMessages[0])}`);
}

function firstLine(message) {
  return (message ?? "").split("\n")[0];
}

function finish() {
  rmSync(reports, { recursive: true, force: true });
  const sum = (name) => results.reduce((total, result) => total + result[name], 0);
  if (failures.length > 0) console.log(`\nFailed:\n${failures.map((line) => `  ${line}`).join("\n")}`);
  console.log(`\n${sum("passed")} passed, ${sum("failed")} failed`);
  process.exit(sum("failed") === 0 ? 0 : 1);
}
