import {
  apiErrorSchema,
  caliperFigureSchema,
  identificationSchema,
  jobListSchema,
  jobSchema,
  jobWithIdentificationsSchema,
  type ApiErrorCode,
  type CaliperCommand,
  type IdentificationInput,
  type JobInput,
} from "@root-gauge/contract";
import type { z } from "zod";

/** The server cannot be reached, or fails: worth trying again later. */
export class ServerAway extends Error {
  override readonly name = "ServerAway";
}

/** The server answered and refused: trying the same again will not help. */
export class ServerRefused extends Error {
  override readonly name = "ServerRefused";

  constructor(
    readonly code: ApiErrorCode,
    message: string,
  ) {
    super(message);
  }
}

const TIMEOUT_MS = 10_000;

async function answerOf(path: string, init: RequestInit): Promise<Response> {
  try {
    return await fetch(path, { ...init, signal: AbortSignal.timeout(TIMEOUT_MS) });
  } catch {
    throw new ServerAway("The server does not answer.");
  }
}

async function call<Schema extends z.ZodType>(
  path: string,
  schema: Schema,
  init: RequestInit = {},
): Promise<z.output<Schema>> {
  const response = await answerOf(path, init);
  const body: unknown = await response.json().catch(() => undefined);
  if (response.status >= 500) throw new ServerAway("The server has a fault.");
  if (!response.ok) {
    const refusal = apiErrorSchema.safeParse(body);
    if (!refusal.success) throw new ServerAway("Something else answers at the server's address.");
    throw new ServerRefused(refusal.data.error.code, refusal.data.error.message);
  }
  const parsed = schema.safeParse(body);
  if (!parsed.success) throw new ServerAway("The server's answer cannot be read.");
  return parsed.data;
}

function put(body: unknown): RequestInit {
  return {
    method: "PUT",
    headers: { "content-type": "application/json" },
    body: JSON.stringify(body),
  };
}

export const api = {
  jobs: () => call("/api/jobs", jobListSchema),
  job: (id: string) => call(`/api/jobs/${id}`, jobWithIdentificationsSchema),
  saveJob: (id: string, input: JobInput) => call(`/api/jobs/${id}`, jobSchema, put(input)),
  identification: (id: string) => call(`/api/identifications/${id}`, identificationSchema),
  saveIdentification: (id: string, input: IdentificationInput) =>
    call(`/api/identifications/${id}`, identificationSchema, put(input)),
  pressCaliper: (command: CaliperCommand) =>
    call("/api/caliper", caliperFigureSchema, put(command)),
};

/** Where a caliper's figures stream from. */
export const CALIPER_STREAM = "/api/caliper";
