import { isIP } from "node:net";
import os from "node:os";
import type { RequestHandler } from "express";
import { ApiFailure } from "./api-failure";

/** The name of a Host header, without its port. */
function nameOf(host: string): string {
  return host
    .replace(/:\d+$/, "")
    .replace(/^\[(.*)\]$/, "$1")
    .toLowerCase();
}

/**
 * Answers only to the names that this server is known by. A stranger's page can point a name of its own at this machine,
 * and its requests then come with that name; an address in figures cannot be borrowed so.
 * @param names names besides this machine's own and localhost
 */
export function knownHosts(names: readonly string[]): RequestHandler {
  const own = os.hostname().toLowerCase();
  const known = new Set([
    "localhost",
    own,
    `${own}.local`,
    ...names.map((name) => name.toLowerCase()),
  ]);
  return (request, _response, next) => {
    const name = nameOf(request.headers.host ?? "");
    if (isIP(name) !== 0 || known.has(name)) return next();
    throw new ApiFailure(
      "unknown-host",
      `This server is not known as “${name}”. Name it in HOST_NAMES if it is to answer there.`,
    );
  };
}
