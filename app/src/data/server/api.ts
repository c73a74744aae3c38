import {
  apiErrorSchema,
  caliperFigureSchema,
  healthSchema,
  identificationSchema,
  jobListSchema,
  jobSchema,
  machineListSchema,
  machineSchema,
  positionListSchema,
  positionSchema,
  changeListSchema,
  identificationListSchema,
  metSchema,
  ownWordListSchema,
  ownWordSchema,
  orderListSchema,
  orderSchema,
  quotationSchema,
  remarkListSchema,
  removedListSchema,
  remarkSchema,
  repairListSchema,
  repairSchema,
  searchHitsSchema,
  toOrderListSchema,
  wholeJobSchema,
  wholeOrderSchema,
  type ApiErrorCode,
  type CaliperCommand,
  type IdentificationInput,
  type JobInput,
  type MachineInput,
  type MachinesQuery,
  type OrderInput,
  type OwnWordInput,
  type PlanPaperInput,
  type PositionInput,
  type QuotationRequest,
  type RemarkInput,
  type RepairInput,
} from "@root-gauge/contract";
import { SERVER_WORDS } from "@root-gauge/core/say/record";
import type { z } from "zod/mini";
import { deviceId } from "../kept/device";
import { signature } from "../kept/signature";

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

/** A picture on a workshop's wireless takes longer. */
const PICTURE_TIMEOUT_MS = 60_000;

/** A sheet on paper waits for its turn behind others, and is then given half a minute by the server: longer than both. */
const PAPER_TIMEOUT_MS = 180_000;

async function answerOf(path: string, init: RequestInit): Promise<Response> {
  try {
    return await fetch(path, { signal: AbortSignal.timeout(TIMEOUT_MS), ...init });
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
  const response = await answerOf(path, { signal: AbortSignal.timeout(PAPER_TIMEOUT_MS), ...init });
  if (!response.ok) throw await refusalOf(response);
  return response.blob();
}

/** Which page of a list: from its beginning, or where the page before ended; with what else is asked of it. */
function pageAfter(
  after: string | undefined,
  asked: Readonly<Record<string, string>> = {},
): string {
  const query = new URLSearchParams({
    ...(after === undefined ? {} : { after }),
    ...asked,
  }).toString();
  return query === "" ? "" : `?${query}`;
}

/** Who writes, what it had seen, and which fields it changed where that is known, as the query of a save. */
const written = (saw: number, touched: readonly string[] = []) =>
  `?${new URLSearchParams({
    device: deviceId(),
    saw: String(saw),
    ...(signature() === "" ? {} : { who: signature() }),
    ...(touched.length === 0 ? {} : { touched: touched.join(",") }),
  }).toString()}`;

/** Where something was found or mended: anywhere on a machine, or at one position. */
export type FoundAt =
  | {
      readonly machineId: string;
      /** Only what stands at no position. */
      readonly placed?: "no";
    }
  | { readonly positionId: string };

/** Of which positions an order list is made: of all machines, of one, or of a job. */
export interface WantedOf {
  readonly machine?: string | undefined;
  readonly job?: string | undefined;
}

const addressOf = (at: FoundAt) =>
  "machineId" in at ? `/api/machines/${at.machineId}` : `/api/positions/${at.positionId}`;

const isPlaceless = (at: FoundAt) => "machineId" in at && at.placed === "no";

export const api = {
  health: () => call("/api/health", healthSchema),
  machines: (after?: string, { q, sort, state }: Partial<MachinesQuery> = {}) =>
    call(
      `/api/machines${pageAfter(after, { ...(q && { q }), ...(sort && { sort }), ...(state && { state }) })}`,
      machineListSchema,
    ),
  machine: (id: string) => call(`/api/machines/${id}`, machineSchema),
  search: (text: string, after?: string) =>
    call(`/api/search${pageAfter(after, { q: text })}`, searchHitsSchema),
  saveMachine: (id: string, input: MachineInput, saw: number, touched?: readonly string[]) =>
    call(`/api/machines/${id}${written(saw, touched)}`, machineSchema, put(input)),
  positions: (machineId: string, after?: string) =>
    call(`/api/machines/${machineId}/positions${pageAfter(after)}`, positionListSchema),
  toOrder: ({ machine, job }: WantedOf, after?: string) =>
    call(
      `/api/to-order${pageAfter(after, { ...(machine && { machine }), ...(job && { job }) })}`,
      toOrderListSchema,
    ),
  jobs: (after?: string) => call(`/api/jobs${pageAfter(after)}`, jobListSchema),
  job: (id: string) => call(`/api/jobs/${id}`, wholeJobSchema),
  saveJob: (id: string, input: JobInput, saw: number, touched?: readonly string[]) =>
    call(`/api/jobs/${id}${written(saw, touched)}`, jobSchema, put(input)),
  orders: (after?: string) => call(`/api/orders${pageAfter(after)}`, orderListSchema),
  order: (id: string) => call(`/api/orders/${id}`, wholeOrderSchema),
  saveOrder: (id: string, input: OrderInput, saw: number, touched?: readonly string[]) =>
    call(`/api/orders/${id}${written(saw, touched)}`, orderSchema, put(input)),
  askSupplier: (asked: QuotationRequest, signal: AbortSignal) =>
    call("/api/quotations", quotationSchema, { ...put(asked), method: "POST", signal }),
  position: (id: string) => call(`/api/positions/${id}`, positionSchema),
  savePosition: (id: string, input: PositionInput, saw: number, touched?: readonly string[]) =>
    call(`/api/positions/${id}${written(saw, touched)}`, positionSchema, put(input)),
  mergePosition: (id: string, saw: number, into: { id: string; saw: number }) =>
    call(`/api/positions/${id}/merge${written(saw)}`, positionSchema, {
      ...put({ into: into.id, saw: into.saw }),
      method: "POST",
    }),
  findings: (at: FoundAt, after?: string) =>
    call(
      `${addressOf(at)}/identifications${pageAfter(after, isPlaceless(at) ? { placed: "no" } : {})}`,
      identificationListSchema,
    ),
  changes: (recordId: string, after?: string) =>
    call(`/api/changes/${recordId}${pageAfter(after)}`, changeListSchema),
  remarks: (positionId: string, after?: string) =>
    call(`/api/positions/${positionId}/remarks${pageAfter(after)}`, remarkListSchema),
  remark: (id: string) => call(`/api/remarks/${id}`, remarkSchema),
  saveRemark: (id: string, input: RemarkInput, saw: number, touched?: readonly string[]) =>
    call(`/api/remarks/${id}${written(saw, touched)}`, remarkSchema, {
      ...put(input),
      signal: AbortSignal.timeout(PICTURE_TIMEOUT_MS),
    }),
  identification: (id: string) => call(`/api/identifications/${id}`, identificationSchema),
  saveIdentification: (
    id: string,
    input: IdentificationInput,
    saw: number,
    touched?: readonly string[],
  ) => call(`/api/identifications/${id}${written(saw, touched)}`, identificationSchema, put(input)),
  repairs: (at: FoundAt, after?: string) =>
    call(`${addressOf(at)}/repairs${pageAfter(after)}`, repairListSchema),
  repair: (id: string) => call(`/api/repairs/${id}`, repairSchema),
  saveRepair: (id: string, input: RepairInput, saw: number, touched?: readonly string[]) =>
    call(`/api/repairs/${id}${written(saw, touched)}`, repairSchema, put(input)),
  removed: (after?: string) => call(`/api/removed${pageAfter(after)}`, removedListSchema),
  words: (after?: string) => call(`/api/words${pageAfter(after)}`, ownWordListSchema),
  word: (id: string) => call(`/api/words/${id}`, ownWordSchema),
  saveWord: (id: string, input: OwnWordInput, saw: number, touched?: readonly string[]) =>
    call(`/api/words/${id}${written(saw, touched)}`, ownWordSchema, put(input)),
  met: () => call("/api/met", metSchema),
  metOnMachine: (machineId: string, without?: string) =>
    call(
      `/api/machines/${machineId}/met${without === undefined ? "" : `?without=${without}`}`,
      metSchema,
    ),
  planPaper: (paper: PlanPaperInput) =>
    file("/api/work-plan.pdf", { ...put(paper), method: "POST" }),
  /** A sheet on paper, by its own address. */
  paper: (path: string) => file(path, {}),
  pressCaliper: (command: CaliperCommand) =>
    call("/api/caliper", caliperFigureSchema, put(command)),
};

/** Where the picture of a remark is shown from. */
export const pictureAddress = (remarkId: string) => `/api/remarks/${remarkId}/picture`;

/** Where a caliper's figures stream from. */
export const CALIPER_STREAM = "/api/caliper";
