import { spawnSync } from "node:child_process";
import { mkdtempSync, writeFileSync } from "node:fs";
import net from "node:net";
import { tmpdir } from "node:os";
import path from "node:path";
import { describe, expect, it } from "vitest";
import { root } from "../support/language-tools";

const demo = (env: Record<string, string>) => {
  const run = spawnSync(process.execPath, [path.join(root, "scripts/demo.mjs")], {
    cwd: root,
    encoding: "utf8",
    env: { ...process.env, ...env },
    timeout: 120_000,
  });
  return { status: run.status, err: run.stderr.trim() };
};
const folder = mkdtempSync(path.join(tmpdir(), "vumo-demo-"));

describe("npm run demo says in one sentence what is in the way", () => {
  it("of a port in use", async () => {
    const server = net.createServer().listen(0, "127.0.0.1");
    await new Promise((resolve) => server.once("listening", resolve));
    const { port } = server.address() as net.AddressInfo;
    const { status, err } = demo({ PORT: String(port), VUMO_DATA: folder });
    server.close();
    expect(status).toBe(1);
    expect(err).toBe(`Port ${port} is in use. Stop what uses it, or choose another one: PORT=${port + 1} npm run demo`);
  });
  it("of a data folder that cannot be written", () => {
    const file = path.join(folder, "file");
    writeFileSync(file, "x");
    const { status, err } = demo({ PORT: "39871", VUMO_DATA: file });
    expect(status).toBe(1);
    expect(err).toMatch(/^The data folder .* cannot be written \(\w+\)\. Set VUMO_DATA to a folder of your own\.$/);
  });
  it.each(["abc", "0", "70000", "80.5"])("of the port %s", (port) => {
    expect(demo({ PORT: port, VUMO_DATA: folder })).toEqual({ status: 1, err: `PORT must be a number from 1 to 65535, not "${port}".` });
  });
});
