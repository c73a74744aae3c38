import { eventsQuerySchema } from "@root-gauge/contract";
import { createChannel, createSession, type Session } from "better-sse";
import { Router } from "express";
import { ApiFailure, checked } from "../http/api-failure";
import type { Store } from "../store/database";
import { eventsSince, type Events } from "../store/events";

/** More screens than a workshop has; each browser's tabs share one stream. */
const MOST_STREAMS = 100;
/** How often it is looked whether something was changed while anybody follows, ms. */
const LOOK_MS = 150;
const KEEP_ALIVE_MS = 15_000;

function tell(session: Pick<Session, "push">, { events, last, more }: Events): void {
  for (const event of events) session.push(event, "change", String(event.id));
  if (more) session.push({ last }, "all", String(last));
}

/** GET /api/events, a stream of which records are changed, and GET /api/events/since for who cannot follow it. */
export function eventRoutes(store: Store): Router {
  const router = Router();
  const channel = createChannel();
  let known = 0;
  let timer: NodeJS.Timeout | undefined;
  let looking = false;

  const look = async () => {
    if (looking) return;
    looking = true;
    try {
      const { events, last, more } = await eventsSince(store, known);
      known = last;
      for (const event of events) channel.broadcast(event, "change", { eventId: String(event.id) });
      if (more) channel.broadcast({ last }, "all", { eventId: String(last) });
    } catch {
      // Another program holds the database, or the server stops: it is looked again.
    } finally {
      looking = false;
    }
  };
  channel.on("session-registered", () => {
    timer ??= setInterval(() => void look(), LOOK_MS).unref();
  });
  channel.on("session-disconnected", () => {
    if (channel.sessionCount > 0) return;
    clearInterval(timer);
    timer = undefined;
  });

  router.get("/events/since", async (request, response) => {
    const { after } = checked(eventsQuerySchema, request.query, "invalid-query");
    response.json(await eventsSince(store, after));
  });

  // Who asks for the head alone is told of the stream and given none.
  router.head("/events", (_request, response) => {
    response.writeHead(200, { "content-type": "text/event-stream" }).end();
  });

  router.get("/events", async (request, response) => {
    if (channel.sessionCount >= MOST_STREAMS) {
      throw new ApiFailure(
        "too-many-streams",
        `${MOST_STREAMS} screens follow the changes already. This one asks for them now and then.`,
      );
    }
    const { after } = checked(eventsQuerySchema, request.query, "invalid-query");
    const session = await createSession(request, response, { keepAlive: KEEP_ALIVE_MS });
    const resumed = /^\d+$/.test(session.lastId) ? Number(session.lastId) : after;
    const missed = await eventsSince(store, resumed);
    if (channel.sessionCount === 0) known = missed.last;
    tell(session, missed);
    // Where it begins, for when it is not there for a while.
    session.push({ last: missed.last }, "here", String(missed.last));
    channel.register(session);
  });

  return router;
}
