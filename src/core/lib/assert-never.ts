/** Makes the compiler list every place a new member of a union must be handled. */
export function assertNever(value: never): never {
  throw new Error(`Unhandled member: ${JSON.stringify(value)}`);
}
