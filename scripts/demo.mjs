// Installs, builds, seeds and starts Vumo: `npm run demo`, or `npm run demo -- --fresh` to begin anew.
import { spawn } from "node:child_process";
import { accessSync, constants, existsSync, mkdirSync, rmSync } from "node:fs";
import { createRequire } from "node:module";
import net from "node:net";
import path from "node:path";
import { buildIfNeeded } from "./build.mjs";
import { installPackages, root, runPackage, stop } from "./install.mjs";

const HOST = "127.0.0.1";
const port = readPort();
const data = path.resolve(root, process.env.VUMO_DATA ?? "vumo-data");
const fresh = process.argv.includes("--fresh");

checkNode();
checkData();
await checkPort();
installPackages();
if (fresh) removeData();
buildIfNeeded();
const standin = await startStandin();
if (runPackage("tsx/dist/cli.mjs", ["demo/seed.ts"], { VUMO_DATA: data, VUMO_STANDIN: standin }) !== 0)
  stop("The demo data could not be written. The lines above say why.");
await start();

function readPort() {
  const text = process.env.PORT ?? "3000";
  const number = Number(text);
  if (!Number.isInteger(number) || number < 1 || number > 65535) stop(`PORT must be a number from 1 to 65535, not "${text}".`);
  return number;
}

function checkNode() {
  const [major, minor] = process.versions.node.split(".").map(Number);
  if (major < 20 || (major === 20 && minor < 19)) stop(`Vumo needs Node.js 20.19 or newer; this is ${process.versions.node}.`);
}

function checkData() {
  try {
    mkdirSync(data, { recursive: true });
    accessSync(data, constants.R_OK | constants.W_OK);
  } catch (error) {
    stop(`The data folder ${data} cannot be written (${error.code ?? error.message}). Set VUMO_DATA to a folder of your own.`);
  }
}

function checkPort() {
  return new Promise((resolve) => {
    const probe = net.createServer();
    probe.once("error", (error) =>
      stop(
        error.code === "EADDRINUSE"
          ? `Port ${port} is in use. Stop what uses it, or choose another one: PORT=${port + 1} npm run demo`
          : `Port ${port} cannot be opened (${error.code}). Choose another one with PORT.`,
      ),
    );
    probe.listen(port, HOST, () => probe.close(resolve));
  });
}

function removeData() {
  const file = path.join(data, "vumo.sqlite");
  if (!existsSync(file)) return console.log(`Nothing to remove: ${file} does not exist yet.`);
  const Database = createRequire(path.join(root, "package.json"))("better-sqlite3");
  const database = new Database(file);
  const count = (table) => {
    try {
      return database.prepare(`select count(*) as n from ${table}`).get().n;
    } catch {
      return 0;
    }
  };
  console.log(
    `Removing ${count("sources")} sources, ${count("sets")} sets and ${count("slips")} questions from ${file}, and ${count("files")} files beside it.`,
  );
  database.close();
  rmSync(path.join(data, "files"), { recursive: true, force: true });
  for (const name of ["vumo.sqlite", "vumo.sqlite-wal", "vumo.sqlite-shm"]) rmSync(path.join(data, name), { force: true });
}

/** The stand-in web site: links to it work without a network. Its port follows Vumo's own where that is free. */
async function startStandin() {
  const wanted = port < 65535 && (await isFree(port + 1)) ? port + 1 : 0;
  const site = spawn(process.execPath, [path.join(root, "standins/web-site/serve.mjs"), String(wanted)], { stdio: ["pipe", "pipe", "inherit"] });
  process.on("exit", () => site.kill());
  return new Promise((resolve) => site.stdout.once("data", (line) => resolve(String(line).trim())));
}

function isFree(candidate) {
  return new Promise((resolve) => {
    const probe = net.createServer();
    probe.once("error", () => resolve(false));
    probe.listen(candidate, HOST, () => probe.close(() => resolve(true)));
  });
}

async function start() {
  const server = spawn(process.execPath, [path.join(root, "node_modules/next/dist/bin/next"), "start", "-H", HOST, "-p", String(port)], {
    cwd: root,
    stdio: ["ignore", "ignore", "inherit"],
    env: { ...process.env, VUMO_DATA: data, VUMO_STANDIN: standin, NEXT_TELEMETRY_DISABLED: "1" },
  });
  server.on("exit", (code) => process.exit(code ?? 1));
  for (const signal of ["SIGINT", "SIGTERM"]) {
    process.on(signal, () => {
      server.kill(signal);
      // An open page keeps its connection for a minute; everything is on disk already.
      setTimeout(() => server.kill("SIGKILL"), 1000).unref();
    });
  }
  const address = `http://${HOST}:${port}`;
  for (let tries = 0; tries < 200; tries++) {
    const answer = await fetch(`${address}/sources`).catch(() => undefined);
    if (answer?.ok)
      return console.log(`\nVumo is ready: ${address}/\nIt keeps everything in ${data}. A web site to try links on: ${standin}/. Stop it with Ctrl+C.\n`);
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  stop("The server did not start. The lines above say why.");
}
