import { caliperCommandSchema } from "@root-gauge/contract";
import { Router } from "express";
import { checked } from "../../http/api-failure";
import type { Caliper } from "./simulated-caliper";

/** A caliper's display is read about this often, ms. */
const EVERY_MS = 120;

/** GET /api/caliper, a stream of server-sent events with one figure each, and PUT /api/caliper, its buttons. */
export function caliperRoutes(caliper: Caliper, now: () => Date): Router {
  const router = Router();

  router.get("/caliper", (request, response) => {
    response.writeHead(200, {
      "content-type": "text/event-stream",
      "cache-control": "no-store",
      connection: "close",
    });
    const send = () => {
      const figure = caliper.figureAt(now().getTime());
      response.write(`data: ${JSON.stringify(figure)}\n\n`);
    };
    send();
    const timer = setInterval(send, EVERY_MS);
    request.on("close", () => clearInterval(timer));
  });

  router.put("/caliper", (request, response) => {
    const { press } = checked(caliperCommandSchema, request.body, "invalid-body");
    const at = now().getTime();
    caliper.press(press, at);
    response.json(caliper.figureAt(at));
  });

  return router;
}
