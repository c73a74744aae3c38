import { API_ERRORS, apiErrorSchema, type ApiErrorCode } from "@root-gauge/contract";
import { OPERATIONS, type Answer, type Operation } from "@root-gauge/contract/operations";
import { createDocument } from "zod-openapi";

/** Refusals that any operation may give: of the whole server rather than of what was asked. */
const ANY: readonly ApiErrorCode[] = [
  "unknown-host",
  "store-busy",
  "store-cannot-write",
  "internal",
];
/** And any that takes a body. */
const ANY_BODY: readonly ApiErrorCode[] = ["invalid-json", "wrong-content-type", "too-large"];

/** Every code that an operation may refuse with. */
export function refusalsOf({ refusals, body }: Operation): readonly ApiErrorCode[] {
  return [...refusals, ...(body === undefined ? [] : ANY_BODY), ...ANY];
}

const MEDIA = {
  json: "application/json",
  "event-stream": "text/event-stream",
  pdf: "application/pdf",
  jpeg: "image/jpeg",
} as const satisfies Record<Answer["as"], string>;

function contentOf(answer: Answer) {
  const schema =
    "schema" in answer ? answer.schema : ({ type: "string", contentEncoding: "binary" } as const);
  return { [MEDIA[answer.as]]: { schema } };
}

/** The refusals by their status, each with its codes. */
function refusedAnswers(operation: Operation) {
  const codes = refusalsOf(operation);
  const statuses = [...new Set(codes.map((code) => API_ERRORS[code].status))];
  return Object.fromEntries(
    statuses.map((status) => [
      String(status),
      {
        description: codes
          .filter((code) => API_ERRORS[code].status === status)
          .map((code) => `${code}: ${API_ERRORS[code].means}`)
          .join(" "),
        content: { "application/json": { schema: apiErrorSchema } },
      },
    ]),
  );
}

function described(operation: Operation) {
  const { id, does, params, query, body, answer } = operation;
  return {
    operationId: id,
    summary: does,
    ...(params === undefined && query === undefined
      ? {}
      : { requestParams: { ...(params && { path: params }), ...(query && { query }) } }),
    ...(body === undefined
      ? {}
      : { requestBody: { required: true, content: { "application/json": { schema: body } } } }),
    responses: {
      "200": { description: "As asked.", content: contentOf(answer) },
      ...refusedAnswers(operation),
    },
  };
}

/** The API as an OpenAPI 3.1 document, made of the contract's operations and their schemas. */
export function apiDocument() {
  const paths = [...new Set(OPERATIONS.map(({ path }) => path))];
  return createDocument({
    openapi: "3.1.1",
    info: {
      title: "Root Gauge",
      version: "1",
      description: "What a workshop has read, put in and mended.",
    },
    servers: [{ url: "/api" }],
    paths: Object.fromEntries(
      paths.map((path) => [
        path,
        Object.fromEntries(
          OPERATIONS.filter((operation) => operation.path === path).map((operation) => [
            operation.method,
            described(operation),
          ]),
        ),
      ]),
    ),
  });
}
