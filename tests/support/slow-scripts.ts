import http from "node:http";
import type { AddressInfo } from "node:net";

/** A way to an application on which pages come at once, and their scripts only when they are let through. */
export type SlowScripts = { url: string; hold(): void; letThrough(): void; end(): void };

const MOST_HELD = 4;

export async function startSlowScripts(appUrl: string): Promise<SlowScripts> {
  const waiting: (() => void)[] = [];
  let held = false;
  const letThrough = () => {
    held = false;
    for (const go of waiting.splice(0)) go();
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
    // The page starts when all its scripts are there. More of them would take the browser's six connections from everything else.
    if (held && waiting.length < MOST_HELD && request.url!.split("?")[0]!.endsWith(".js")) waiting.push(pass);
    else pass();
  });
  await new Promise<void>((resolve) => server.listen(0, "127.0.0.1", resolve));
  return {
    url: `http://127.0.0.1:${(server.address() as AddressInfo).port}`,
    hold: () => {
      held = true;
    },
    letThrough,
    end: () => {
      letThrough();
      server.closeAllConnections();
      server.close();
    },
  };
}
