import {
  apiErrorSchema,
  caliperFigureSchema,
  healthSchema,
  identificationSchema,
  jobListSchema,
  jobSchema,
  jobWithIdentificationsSchema,
  metSchema,
  ownWordListSchema,
  ownWordSchema,
  repairListSchema,
  repairSchema,
  type ApiErrorCode,
  type CaliperCommand,
  type IdentificationInput,
  type JobInput,
  type OwnWordInput,
  type PlanPaperInput,
  type RepairInput,
} from "@root-gauge/contract";
import { SERVER_WORDS } from "@root-gauge/core/job-words";
import type { z } from "zod/mini";
import { deviceId } from "./device";

/** The server cannot be reached, or fails: worth trying again later. */
export class ServerAway extends Error {
  override readonly name = "ServerAway";
}

/** The server answers and has a fault with this one thing: others may go through. */
export class ServerFault extends Error {
  override readonly name = "ServerFault";
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
    throw new ServerAway(SERVER_WORDS.away);
  }
}

/** Why the server said no, as what can be done about it. */
async function refusalOf(response: Response): Promise<Error> {
  const refusal = apiErrorSchema.safeParse(await response.json().catch(() => undefined));
  if (response.status >= 500) {
    return new ServerFault(refusal.data?.error.message ?? SERVER_WORDS.fault);
  }
  if (!refusal.success) return new ServerAway(SERVER_WORDS.other);
  return new ServerRefused(refusal.data.error.code, refusal.data.error.message);
}

async function call<Schema extends z.ZodMiniType>(
  path: string,
  schema: Schema,
  init: RequestInit = {},
): Promise<z.output<Schema>> {
  const response = await answerOf(path, init);
  if (!response.ok) throw await refusalOf(response);
  const parsed = schema.safeParse(await response.json().catch(() => undefined));
  if (!parsed.success) throw new ServerAway(SERVER_WORDS.unreadable);
  return parsed.data;
}

function put(body: unknown): RequestInit {
  return {
    method: "PUT",
    headers: { "content-type": "application/json" },
    body: JSON.stringify(body),
  };
}

/** A file that the server makes. */
async function file(path: string, init: RequestInit): Promise<Blob> {
  const response = await answerOf(path, init);
  if (!response.ok) throw await refusalOf(response);
  return response.blob();
}

/** Which page of a list: from its beginning, or where the page before ended; of what holds a text, where one is given. */
function pageAfter(after: string | undefined, search = ""): string {
  const query = new URLSearchParams({
    ...(after === undefined ? {} : { after }),
    ...(search === "" ? {} : { q: search }),
  }).toString();
  return query === "" ? "" : `?${query}`;
}

/** Who writes and what it had seen, as the query of a save. */
const written = (saw: number) =>
  `?${new URLSearchParams({ device: deviceId(), saw: String(saw) }).toString()}`;

export const api = {
  health: () => call("/api/health", healthSchema),
  jobs: (after?: string, search = "") =>
    call(`/api/jobs${pageAfter(after, search)}`, jobListSchema),
  job: (id: string, after?: string) =>
    call(`/api/jobs/${id}${pageAfter(after)}`, jobWithIdentificationsSchema),
  saveJob: (id: string, input: JobInput, saw: number) =>
    call(`/api/jobs/${id}${written(saw)}`, jobSchema, put(input)),
  identification: (id: string) => call(`/api/identifications/${id}`, identificationSchema),
  saveIdentification: (id: string, input: IdentificationInput, saw: number) =>
    call(`/api/identifications/${id}${written(saw)}`, identificationSchema, put(input)),
  repairs: (jobId: string, after?: string) =>
    call(`/api/jobs/${jobId}/repairs${pageAfter(after)}`, repairListSchema),
  repair: (id: string) => call(`/api/repairs/${id}`, repairSchema),
  saveRepair: (id: string, input: RepairInput, saw: number) =>
    call(`/api/repairs/${id}${written(saw)}`, repairSchema, put(input)),
  words: () => call("/api/words", ownWordListSchema),
  saveWord: (id: string, input: OwnWordInput, saw: number) =>
    call(`/api/words/${id}${written(saw)}`, ownWordSchema, put(input)),
  met: () => call("/api/met", metSchema),
  planPaper: (paper: PlanPaperInput) =>
    file("/api/work-plan.pdf", { ...put(paper), method: "POST" }),
  /** A sheet on paper, by its own address. */
  paper: (path: string) => file(path, {}),
  pressCaliper: (command: CaliperCommand) =>
    call("/api/caliper", caliperFigureSchema, put(command)),
};

/** Where a caliper's figures stream from. */
export const CALIPER_STREAM = "/api/caliper";
