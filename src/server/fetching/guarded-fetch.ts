import dns from "node:dns";
import net from "node:net";
import { Agent, buildConnector, fetch } from "undici";
import { fail, ok, type Result } from "@/core/lib/result";
import { isPublicAddress } from "./is-public-address";

export type LinkProblem =
  | { type: "link-not-understood" }
  | { type: "link-not-web" }
  | { type: "link-not-public"; host: string }
  | { type: "link-unknown-host"; host: string }
  | { type: "link-refused"; host: string }
  | { type: "link-too-slow"; seconds: number }
  | { type: "link-answered"; status: number }
  | { type: "link-redirects"; times: number }
  | { type: "link-too-large"; megabytes: number };

export type Fetched = { bytes: Uint8Array; url: string; contentType: string };
export type FetchLimits = {
  bytes: number;
  seconds?: number /** The stand-in site's origin: the only address of this machine that is let through. */;
  allowedOrigin?: string | undefined;
};

const MAX_REDIRECTS = 5;
const SECONDS = 15;

class NotPublic extends Error {}

/**
 * Fetches a link that somebody pasted. Only http and https; never an address of this machine or of a
 * private network, checked on the address really connected to and anew at every redirect, so that
 * neither a name that resolves inwards nor one that changes its mind gets through. Time, decoded size
 * and redirects are capped. Nothing of the user goes along.
 */
export async function guardedFetch(link: string, limits: FetchLimits): Promise<Result<Fetched, LinkProblem>> {
  const seconds = limits.seconds ?? SECONDS;
  const signal = AbortSignal.timeout(seconds * 1000);
  let url = link.trim();
  for (let times = 0; times <= MAX_REDIRECTS; times++) {
    const checked = checkLink(url);
    if (!checked.ok) return checked;
    const target = checked.value;
    const agent = agentFor(target, limits.allowedOrigin);
    try {
      const response = await fetch(target, {
        dispatcher: agent,
        redirect: "manual",
        signal,
        headers: { accept: "text/html,application/xhtml+xml,*/*;q=0.8", "user-agent": "Vumo" },
      });
      const next = response.headers.get("location");
      if (response.status >= 300 && response.status < 400 && next) {
        await response.body?.cancel();
        if (!URL.canParse(next, target)) return fail({ type: "link-not-understood" });
        url = new URL(next, target).href;
        continue;
      }
      if (!response.ok) {
        await response.body?.cancel();
        return fail({ type: "link-answered", status: response.status });
      }
      const bytes = await readCapped(response.body as AsyncIterable<Uint8Array> | null, limits.bytes);
      if (!bytes) return fail({ type: "link-too-large", megabytes: Math.round(limits.bytes / 1e6) });
      return ok({ bytes, url: target.href, contentType: response.headers.get("content-type") ?? "" });
    } catch (error) {
      return fail(problemOf(error as Error, target.hostname, seconds));
    } finally {
      void agent.destroy();
    }
  }
  return fail({ type: "link-redirects", times: MAX_REDIRECTS });
}

export function checkLink(link: string): Result<URL, LinkProblem> {
  if (!URL.canParse(link)) return fail({ type: "link-not-understood" });
  const url = new URL(link);
  if (url.protocol !== "http:" && url.protocol !== "https:") return fail({ type: "link-not-web" });
  if (url.username || url.password || url.hostname === "") return fail({ type: "link-not-understood" });
  return ok(url);
}

function agentFor(url: URL, allowedOrigin: string | undefined): Agent {
  const isAllowed = allowedOrigin !== undefined && url.origin === allowedOrigin;
  const lookup: net.LookupFunction = (host, options, done) =>
    dns.lookup(host, { ...options, all: true }, (error, addresses) => {
      if (error) return done(error, "", 0);
      if (!isAllowed && addresses.some(({ address }) => !isPublicAddress(address))) return done(new NotPublic(host), "", 0);
      // The address that was checked is the one that is dialled.
      return options.all
        ? (done as unknown as (error: null, all: dns.LookupAddress[]) => void)(null, addresses)
        : done(null, addresses[0]!.address, addresses[0]!.family);
    });
  const connect = buildConnector({ lookup, timeout: 6000 });
  return new Agent({
    headersTimeout: 10_000,
    bodyTimeout: 10_000,
    connect: (options, done) => {
      const host = options.hostname.replace(/^\[|\]$/g, "");
      // Addresses written as numbers are never looked up.
      if (!isAllowed && net.isIP(host) && !isPublicAddress(host)) return done(new NotPublic(host), null);
      connect(options, (error, socket) => {
        if (error || !socket) return done(error ?? new Error("no connection"), null);
        if (isAllowed || isPublicAddress(socket.remoteAddress ?? "")) return done(null, socket);
        socket.destroy();
        return done(new NotPublic(host), null);
      });
    },
  });
}

/** Bytes as they come out after decompression: a small answer may swell. */
async function readCapped(body: AsyncIterable<Uint8Array> | null, limit: number): Promise<Uint8Array | undefined> {
  const chunks: Uint8Array[] = [];
  let size = 0;
  for await (const chunk of body ?? []) {
    size += chunk.length;
    if (size > limit) return undefined;
    chunks.push(chunk);
  }
  return Buffer.concat(chunks);
}

function problemOf(error: Error, host: string, seconds: number): LinkProblem {
  const cause = (error.cause ?? error) as NodeJS.ErrnoException;
  if (cause instanceof NotPublic || error instanceof NotPublic) return { type: "link-not-public", host };
  if (cause.code === "ENOTFOUND" || cause.code === "EAI_AGAIN") return { type: "link-unknown-host", host };
  if (error.name === "TimeoutError" || /TIMEOUT/.test(cause.code ?? "") || cause.name === "TimeoutError") return { type: "link-too-slow", seconds };
  return { type: "link-refused", host };
}
