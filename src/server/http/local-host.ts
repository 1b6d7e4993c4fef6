const LOCAL_HOST = /^(?:localhost|127\.0\.0\.1|\[::1\])(?::\d+)?$/;

/** A name that only this machine has for itself. */
export function isLocalHost(host: string | null): boolean {
  return host !== null && LOCAL_HOST.test(host);
}
