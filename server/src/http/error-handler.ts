import { API_ERRORS } from "@root-gauge/contract";
import type { NextFunction, Request, Response } from "express";
import type { Logger } from "pino";
import { NoSuchField } from "../store/save-record";
import { StoreBusy } from "../store/patience";
import { storeTrouble } from "../store/store-trouble";
import { ApiFailure } from "./api-failure";

/** The largest body taken; a full identification is under 10 kB. */
export const BODY_LIMIT_KB = 100;

/** The same of what may carry a picture: its letters, and room for the words. */
export const PICTURE_BODY_LIMIT_KB = 5600;

/** The same of an order: as many lines as may be sent, each for as many places. */
export const ORDER_BODY_LIMIT_KB = 16_000;

/** The limit that a body was over, kB. */
const limitOf = (error: unknown) =>
  error instanceof Error && "limit" in error
    ? Math.round(Number(error.limit) / 1024)
    : BODY_LIMIT_KB;

/** What body-parser says by `type`, as our own failures. */
function fromBodyParser(error: unknown): ApiFailure | undefined {
  const type = error instanceof Error && "type" in error ? error.type : undefined;
  switch (type) {
    case "entity.too.large":
      return new ApiFailure("too-large", `What was sent is over ${limitOf(error)} kB.`);
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

/** The status that a part of Express gives its error; undefined for a bug of ours. */
function clientFault(error: unknown): ApiFailure | undefined {
  const status = error instanceof Error && "status" in error ? Number(error.status) : Number.NaN;
  if (!(status >= 400 && status < 500)) return undefined;
  switch (status) {
    case 404:
      return new ApiFailure("no-such-address", "There is nothing at this address.");
    case 412:
      return new ApiFailure("precondition-failed", "It is not the version that was asked for.");
    case 413:
      return new ApiFailure("too-large", `What was sent is over ${BODY_LIMIT_KB} kB.`);
    case 415:
      return new ApiFailure("wrong-content-type", "Send JSON as plain UTF-8.");
    case 416:
      return new ApiFailure("range-not-satisfiable", "There is no such part of it.");
    default:
      return new ApiFailure("invalid-body", "What was sent cannot be read.");
  }
}

/** A body that says it is compressed and is not. */
function isBrokenCompression(error: unknown): boolean {
  const code = error instanceof Error && "code" in error ? String(error.code) : "";
  return /^(?:Z_|ERR_BROTLI|ERR__ERROR_FORMAT|ERR_PADDING)/.test(code);
}

function asFailure(error: unknown): ApiFailure | undefined {
  if (error instanceof ApiFailure) return error;
  if (error instanceof StoreBusy) {
    return new ApiFailure(
      "store-busy",
      "Another program holds the database. Nothing was stored; try again in a moment.",
    );
  }
  if (error instanceof NoSuchField) return new ApiFailure("invalid-query", error.message);
  const trouble = storeTrouble(error);
  if (trouble !== undefined) {
    return new ApiFailure(
      "store-cannot-write",
      `Nothing was stored. The server cannot use its database: ${trouble}.`,
    );
  }
  if (error instanceof URIError) {
    return new ApiFailure("no-such-address", "The address cannot be read.");
  }
  if (isBrokenCompression(error)) {
    return new ApiFailure("invalid-body", "What was sent is not compressed as it says.");
  }
  return fromBodyParser(error) ?? clientFault(error);
}

/** The one place where an error becomes an answer. What a client cannot mend is logged whole and told in a word. */
export function errorHandler(logger: Logger) {
  // Express knows an error handler by its four parameters.
  return (error: unknown, request: Request, response: Response, next: NextFunction): void => {
    if (response.headersSent) {
      next(error);
      return;
    }
    const failure = asFailure(error);
    if (failure === undefined) {
      logger.error({ err: error, method: request.method, url: request.url }, "request failed");
    }
    const answer =
      failure ??
      new ApiFailure("internal", "The server could not do that. Nothing was stored; try again.");
    response.status(API_ERRORS[answer.code].status).json(answer.toBody());
  };
}
