import ipaddr from "ipaddr.js";

/** True for an address of the open internet; false for loopback, private, link-local, multicast, documentation and every other special range (IANA registries). */
export function isPublicAddress(text: string): boolean {
  if (!ipaddr.isValid(text)) return false;
  const address = ipaddr.process(text);
  return address.range() === "unicast";
}
