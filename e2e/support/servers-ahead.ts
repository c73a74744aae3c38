import { startTestServer, type TestServer } from "./server";

export interface ServersAhead {
  /** A server that nobody has used; the next one starts while this one is tested with. */
  take(content: "empty" | "demo"): Promise<TestServer>;
  dispose(): Promise<void>;
}

/** Starts each server a test ahead: what it takes to start is not waited for. */
export function serversAhead(): ServersAhead {
  let next: { readonly content: string; readonly server: Promise<TestServer> } | undefined;
  const endNext = async () => {
    const server = await next?.server.catch(() => undefined);
    next = undefined;
    await server?.dispose();
  };
  return {
    take: async (content) => {
      if (next?.content !== content) await endNext();
      const taken = await (next?.server ?? startTestServer(content));
      const server = startTestServer(content);
      // Told when it is taken.
      server.catch(() => undefined);
      next = { content, server };
      return taken;
    },
    dispose: endNext,
  };
}
