import http from "node:http";
import type { AddressInfo } from "node:net";

/** A way to an application on which pages come at once, and their scripts only when they are let through. */
export type SlowScripts = {
  url: string;
  /** Holds the scripts of the page at that path back, from when it is next asked for. */
  hold(path: string): void;
  letThrough(): void;
  end(): void;
};

const MOST_HELD = 4;

export async function startSlowScripts(appUrl: string): Promise<SlowScripts> {
  const waiting = new Set<() => void>();
  /** The page whose scripts are to be held, and whether it has been asked for: what comes before that is for the page before it. */
  let held: { path: string; asked: boolean } | undefined;
  const letThrough = () => {
    held = undefined;
    for (const go of waiting) go();
    waiting.clear();
  };
  const server = http.createServer((request, response) => {
    const pass = () => {
      const { host, origin, ...headers } = request.headers;
      const onward = http.request(
        new URL(request.url!, appUrl),
        { method: request.method, headers: { ...headers, ...(origin ? { origin: appUrl } : {}) } },
        (answer) => {
          // Nothing may be taken from the browser's own store: scripts come slowly each time.
          response.writeHead(answer.statusCode!, { ...answer.headers, "cache-control": "no-store" });
          answer.pipe(response);
        },
      );
      onward.on("error", () => response.destroy());
      request.pipe(onward);
    };
    const path = request.url!.split("?")[0]!;
    if (path === held?.path) held.asked = true;
    // The page starts when all its scripts are there. More of them would take the browser's six connections from everything else.
    if (!held?.asked || waiting.size >= MOST_HELD || !path.endsWith(".js")) return pass();
    waiting.add(pass);
    response.on("close", () => waiting.delete(pass));
  });
  await new Promise<void>((resolve) => server.listen(0, "127.0.0.1", resolve));
  return {
    url: `http://127.0.0.1:${(server.address() as AddressInfo).port}`,
    hold: (path) => {
      letThrough();
      held = { path, asked: false };
    },
    letThrough,
    end: () => {
      letThrough();
      server.closeAllConnections();
      server.close();
    },
  };
}
