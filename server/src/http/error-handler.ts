import type { NextFunction, Request, Response } from "express";
import type { Logger } from "pino";
import { ApiFailure, STATUS_OF } from "./api-failure";

/** The largest body taken; a full identification is under 10 kB. */
export const BODY_LIMIT_KB = 100;

/** What body-parser says by `type`, as our own failures. */
function fromBodyParser(error: unknown): ApiFailure | undefined {
  const type = error instanceof Error && "type" in error ? error.type : undefined;
  switch (type) {
    case "entity.too.large":
      return new ApiFailure("too-large", `What was sent is over ${BODY_LIMIT_KB} kB.`);
    case "entity.parse.failed":
      return new ApiFailure("invalid-json", "What was sent is not JSON.");
    case "encoding.unsupported":
    case "charset.unsupported":
      return new ApiFailure("wrong-content-type", "Send JSON as plain UTF-8.");
    case "request.aborted":
    case "request.size.invalid":
      return new ApiFailure("invalid-body", "What was sent did not arrive whole.");
    default:
      return undefined;
  }
}

function isBadAddress(error: unknown): boolean {
  return error instanceof URIError;
}

/** The one place where an error becomes an answer. What a client cannot mend is logged whole and told in a word. */
export function errorHandler(logger: Logger) {
  // Express knows an error handler by its four parameters.
  return (error: unknown, request: Request, response: Response, next: NextFunction): void => {
    if (response.headersSent) {
      next(error);
      return;
    }
    const failure =
      error instanceof ApiFailure
        ? error
        : isBadAddress(error)
          ? new ApiFailure("no-such-address", "The address cannot be read.")
          : fromBodyParser(error);
    if (failure === undefined) {
      logger.error({ err: error, method: request.method, url: request.url }, "request failed");
    }
    const answer =
      failure ??
      new ApiFailure("internal", "The server could not do that. Nothing was stored; try again.");
    response.status(STATUS_OF[answer.code]).json(answer.toBody());
  };
}
