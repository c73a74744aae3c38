import { caliperCommandSchema } from "@root-gauge/contract";
import { Router } from "express";
import { ApiFailure, checked } from "../../http/api-failure";
import type { Caliper } from "./simulated-caliper";

/** A caliper's display is read about this often, ms. */
const EVERY_MS = 120;

/** As many streams as a workshop has screens; each device's tabs share one. */
const MOST_STREAMS = 12;

const STREAM = {
  "content-type": "text/event-stream",
  "cache-control": "no-store",
  connection: "close",
} as const;

/** GET /api/caliper, a stream of server-sent events with one figure each, and PUT /api/caliper, its buttons. */
export function caliperRoutes(caliper: Caliper, now: () => Date): Router {
  const router = Router();
  let streams = 0;

  // Who asks for the head alone is told of the stream and given none.
  router.head("/caliper", (_request, response) => {
    response.writeHead(200, STREAM).end();
  });

  router.get("/caliper", (request, response) => {
    if (streams >= MOST_STREAMS) {
      throw new ApiFailure(
        "too-many-streams",
        `The caliper is shown on ${MOST_STREAMS} screens already. Close one of them.`,
      );
    }
    streams += 1;
    response.writeHead(200, STREAM);
    const send = () => {
      const figure = caliper.figureAt(now().getTime());
      response.write(`data: ${JSON.stringify(figure)}\n\n`);
    };
    send();
    const timer = setInterval(send, EVERY_MS);
    request.on("close", () => {
      streams -= 1;
      clearInterval(timer);
    });
  });

  router.put("/caliper", (request, response) => {
    const { press } = checked(caliperCommandSchema, request.body, "invalid-body");
    const at = now().getTime();
    caliper.press(press, at);
    response.json(caliper.figureAt(at));
  });

  return router;
}
