import { describe, expect, it } from "vitest";
import { z } from "zod";
import { answerProblem, readJson, refuseForeign } from "@/server/http/answer";
import { handleSet } from "@/server/http/handle-set";
import { streamLines } from "@/server/http/stream-lines";

const request = (headers: Record<string, string>, body?: string) =>
  new Request("http://127.0.0.1:3000/api", { method: "POST", headers: { host: "127.0.0.1:3000", ...headers }, ...(body === undefined ? {} : { body }) });

describe("who may change anything", () => {
  it.each([
    ["the page itself", { "sec-fetch-site": "same-origin", origin: "http://127.0.0.1:3000" }],
    ["a program on this machine", {}],
    ["under the name localhost", { host: "localhost:3000", origin: "http://localhost:3000" }],
  ])("%s", (_, headers) => {
    expect(refuseForeign(request(headers))).toBeUndefined();
  });
  it.each([
    ["a page of another site", { "sec-fetch-site": "cross-site", origin: "http://harbour.example" }],
    ["a name that was made to point here", { host: "harbour.example" }],
    ["another port of this machine", { origin: "http://127.0.0.1:4000" }],
  ])("not %s", (_, headers) => {
    expect(refuseForeign(request(headers))?.status).toBe(403);
  });
});

describe("bodies", () => {
  it("that are no JSON, or too long, are nothing", async () => {
    expect(await readJson(request({}, "{"))).toBeUndefined();
    expect(await readJson(request({}, JSON.stringify("x".repeat(200))), 100)).toBeUndefined();
    expect(await readJson(request({}, '{"a":1}'))).toEqual({ a: 1 });
  });
});

describe("a handler", () => {
  const handler = handleSet(z.object({ seed: z.number() }), (setId, { seed }) => Response.json({ setId, seed }));
  const params = Promise.resolve({ setId: "t1" });
  it("gets what was asked, parsed", async () => {
    expect(await (await handler(request({}, '{"seed":3}'), { params })).json()).toEqual({ setId: "t1", seed: 3 });
  });
  it("refuses what it does not understand, and strangers", async () => {
    expect((await handler(request({}, '{"seed":"three"}'), { params })).status).toBe(400);
    expect((await handler(request({ origin: "http://harbour.example" }, '{"seed":3}'), { params })).status).toBe(403);
  });
});

it("problems have a status and a sentence", async () => {
  const answer = answerProblem({ type: "set-not-found" });
  expect(answer.status).toBe(404);
  expect(await answer.json()).toEqual({ problem: { type: "set-not-found", text: "There is no such set. Go to Sources and open one." } });
});

describe("a stream of lines", () => {
  it("gives one JSON object a line and ends", async () => {
    const lines = streamLines<{ n: number }>();
    lines.send({ n: 1 });
    lines.send({ n: 2 });
    lines.end();
    expect(await lines.response.text()).toBe('{"n":1}\n{"n":2}\n');
  });
  it("lets the work go on when nobody listens any more", async () => {
    const lines = streamLines<{ n: number }>();
    await lines.response.body!.cancel();
    expect(() => {
      lines.send({ n: 1 });
      lines.end();
    }).not.toThrow();
  });
});
