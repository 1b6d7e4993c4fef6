import { type ChildProcess, spawn, spawnSync } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import net from "node:net";
import { tmpdir } from "node:os";
import path from "node:path";

const root = path.resolve(import.meta.dirname, "../..");

export type App = {
  url: string;
  /** The stand-in web site's address. */
  site: string;
  data: string;
  pid(): number;
  restart(signal?: NodeJS.Signals): Promise<void>;
  kill(): Promise<void>;
  start(): Promise<void>;
  end(): Promise<void>;
};

/** The built application on a port and a data folder of its own, as a user would start it. */
export async function startApp(options: { seeded?: boolean; env?: Record<string, string> } = {}): Promise<App> {
  const data = mkdtempSync(path.join(tmpdir(), "vumo-journey-"));
  const port = await freePort();
  const url = `http://127.0.0.1:${port}`;
  const standin = await startStandin();
  const env = { ...process.env, VUMO_DATA: data, VUMO_STANDIN: standin.url, NEXT_TELEMETRY_DISABLED: "1", ...options.env };
  if (options.seeded) {
    const seeded = spawnSync(process.execPath, [path.join(root, "node_modules/tsx/dist/cli.mjs"), "demo/seed.ts"], { cwd: root, env, encoding: "utf8" });
    if (seeded.status !== 0) throw new Error(seeded.stderr);
  }
  let server: ChildProcess | undefined;
  const start = async () => {
    server = spawn(process.execPath, [path.join(root, "node_modules/next/dist/bin/next"), "start", "-H", "127.0.0.1", "-p", String(port)], {
      cwd: root,
      env,
      stdio: ["ignore", "ignore", "pipe"],
    });
    let errors = "";
    server.stderr?.on("data", (chunk) => {
      errors += chunk;
    });
    for (let tries = 0; tries < 1200; tries++) {
      if ((await fetch(`${url}/sources`).catch(() => undefined))?.ok) return;
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
    throw new Error(`The server did not start: ${errors}`);
  };
  const stop = (signal: NodeJS.Signals) =>
    new Promise<void>((resolve) => {
      if (!server || server.exitCode !== null || server.signalCode !== null) return resolve();
      server.once("exit", () => resolve());
      server.kill(signal);
      // A page that is open holds the server for a minute; a user would not wait either.
      const running = server;
      setTimeout(() => running.kill("SIGKILL"), 1500).unref();
    });
  await start();
  return {
    url,
    site: standin.url,
    data,
    pid: () => server?.pid ?? 0,
    start,
    kill: () => stop("SIGKILL"),
    restart: async (signal = "SIGTERM") => {
      await stop(signal);
      await start();
    },
    end: async () => {
      await stop("SIGKILL");
      standin.end();
      rmSync(data, { recursive: true, force: true });
    },
  };
}

/** The stand-in web site on a port of its own. */
export async function startStandin(): Promise<{ url: string; end(): void }> {
  const site = spawn(process.execPath, [path.join(root, "standins/web-site/serve.mjs"), "0"], { stdio: ["pipe", "pipe", "inherit"] });
  const url = await new Promise<string>((resolve) => site.stdout!.once("data", (line) => resolve(String(line).trim())));
  return { url, end: () => void site.kill() };
}

function freePort(): Promise<number> {
  return new Promise((resolve, reject) => {
    const probe = net.createServer();
    probe.once("error", reject);
    probe.listen(0, "127.0.0.1", () => {
      const { port } = probe.address() as net.AddressInfo;
      probe.close(() => resolve(port));
    });
  });
}
