/** A response that grows line by line; once the page is gone, what is sent is dropped and the work goes on. */
export function streamLines<T>(): { response: Response; send(value: T): void; end(): void } {
  const encoder = new TextEncoder();
  let controller: ReadableStreamDefaultController<Uint8Array> | undefined;
  const stream = new ReadableStream<Uint8Array>({
    start(opened) {
      controller = opened;
    },
    cancel() {
      controller = undefined;
    },
  });
  return {
    response: new Response(stream, { headers: { "content-type": "application/x-ndjson", "cache-control": "no-store", "x-accel-buffering": "no" } }),
    send: (value) => controller?.enqueue(encoder.encode(`${JSON.stringify(value)}\n`)),
    end: () => {
      controller?.close();
      controller = undefined;
    },
  };
}
