import { createServer, type Server } from "node:http";
import type { Express } from "express";
import { StartupError } from "./config";

/** How long open requests may take to finish when the server is told to stop. */
const GRACE_MS = 3000;

const WHY: Readonly<Record<string, string>> = {
  EADDRINUSE:
    "something else is already listening there. Stop it, or choose another port with PORT",
  EACCES: "this user may not use that port. Choose one over 1023 with PORT",
  EADDRNOTAVAIL: "this machine does not have that address. Choose another with HOST",
};

/** How long the head of a request may take to arrive, and how often that is looked at, ms. */
const HEAD_MS = 10_000;
const LOOK_MS = 2000;

/**
 * How long a connection on which nothing is asked stays open, ms: one that is closed in the moment in which a phone writes on
 * it loses what was written.
 */
const IDLE_MS = 65_000;

/**
 * Starts listening.
 * @param headMs how long the head of a request may take to arrive
 * @throws StartupError when the port is taken or not allowed
 */
export function listen(
  app: Express,
  host: string,
  port: number,
  headMs: number = HEAD_MS,
): Promise<Server> {
  return new Promise((resolve, reject) => {
    const times = {
      headersTimeout: headMs,
      keepAliveTimeout: IDLE_MS,
      connectionsCheckingInterval: Math.min(LOOK_MS, headMs),
    };
    const server = createServer(times, app);
    server.once("error", (error: NodeJS.ErrnoException) => {
      const why = WHY[error.code ?? ""] ?? error.message;
      reject(new StartupError(`Cannot listen on ${host}:${port}: ${why}.`));
    });
    server.listen(port, host, () => resolve(server));
  });
}

/** Takes no more connections, lets open requests finish, and cuts what is left after the grace time. */
export function stopListening(server: Server): Promise<void> {
  return new Promise((resolve) => {
    const cut = setTimeout(() => server.closeAllConnections(), GRACE_MS);
    server.close(() => {
      clearTimeout(cut);
      resolve();
    });
    server.closeIdleConnections();
  });
}
