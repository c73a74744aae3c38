import { quotationSchema, type Quotation, type QuotationRequest } from "@root-gauge/contract";
import { z } from "zod/mini";
import { jsonOf } from "../store/kept-json";
import { SupplierProblem, type Supplier, type SupplierFault } from "./supplier";

export interface HttpSupplierParts {
  /** Where the supplier's service is, without a stroke at its end. */
  readonly address: string;
  readonly now: () => Date;
  /** How long one answer is waited for, ms. */
  readonly patienceMs?: number;
  /** How often it is asked in all. */
  readonly tries?: number;
  /** How long after the first try the second begins, ms; after each further one twice as long. */
  readonly pauseMs?: number;
}

/** What the service answers, in its own words. */
const answerSchema = z.object({
  number: z.string(),
  items: z.array(
    z.object({
      line: z.string(),
      availability: z.enum(["in stock", "none in stock", "not listed"]),
      unitsPerPack: z.number(),
      packs: z.number(),
      pricePerPack: z.number(),
      leadTimeDays: z.number(),
    }),
  ),
});

const STATES = { "in stock": "stocked", "none in stock": "out", "not listed": "not-sold" } as const;

/** A service's answer as a quotation, if it is one of what was asked: every line once, and its figures possible. */
function quotationIn(answer: unknown, asked: QuotationRequest, at: Date): Quotation | undefined {
  const read = answerSchema.safeParse(answer);
  if (!read.success) return undefined;
  const items = new Map(read.data.items.map((item) => [item.line, item]));
  const wanted = new Set(asked.lines.map(({ id }) => id));
  if (items.size !== read.data.items.length || items.size !== wanted.size) return undefined;
  const lines = asked.lines.map(({ id }) => {
    const item = items.get(id);
    return (
      item && {
        id,
        state: STATES[item.availability],
        pack: item.unitsPerPack,
        packs: item.packs,
        price: item.pricePerPack,
        days: item.leadTimeDays,
      }
    );
  });
  const quotation = { reference: read.data.number, at: at.toISOString(), lines };
  const checked = quotationSchema.safeParse(quotation);
  if (!checked.success) return undefined;
  // Fewer than were asked for are no offer of a line that is in stock.
  const isEnough = checked.data.lines.every(({ id, state, pack, packs }) => {
    const quantity = asked.lines.find((line) => line.id === id)?.quantity ?? 0;
    return state !== "stocked" || pack * packs >= quantity;
  });
  return isEnough ? checked.data : undefined;
}

const isTimeout = (error: unknown) =>
  typeof error === "object" && error !== null && "name" in error && error.name === "TimeoutError";

/** A longer answer is no quotation of what an order can hold. */
const MOST_BYTES = 1_000_000;

/** The text of an answer; undefined of one that is longer than any quotation, of which no more is read. */
async function textOf({ body }: Response): Promise<string | undefined> {
  const decoder = new TextDecoder();
  let text = "";
  let bytes = 0;
  if (body === null) return text;
  // Leaving the loop ends the stream.
  for await (const part of body) {
    bytes += part.byteLength;
    if (bytes > MOST_BYTES) return undefined;
    text += decoder.decode(part, { stream: true });
  }
  return text + decoder.decode();
}

/** A supplier that is asked over HTTP: each try has its time, and what may pass is tried again. */
export function httpSupplier({
  address,
  now,
  patienceMs = 4000,
  tries = 3,
  pauseMs = 250,
}: HttpSupplierParts): Supplier {
  async function once(asked: QuotationRequest): Promise<Quotation | SupplierFault> {
    const items = asked.lines.map(({ id, callout, quantity }) => ({
      line: id,
      part: callout,
      quantity,
    }));
    try {
      const response = await fetch(`${address}/quotations`, {
        method: "POST",
        headers: { "content-type": "application/json" },
        body: JSON.stringify({ items }),
        signal: AbortSignal.timeout(patienceMs),
        // What is asked goes to the address that was named, and to no other.
        redirect: "manual",
      });
      if (!response.ok) return "away";
      const text = await textOf(response);
      const answer = text === undefined ? undefined : jsonOf(text);
      return quotationIn(answer, asked, now()) ?? "nonsense";
    } catch (error) {
      return isTimeout(error) ? "slow" : "away";
    }
  }

  return {
    quote: async (asked) => {
      let fault: SupplierFault = "away";
      for (let tried = 0; tried < tries; tried += 1) {
        if (tried > 0) {
          await new Promise((resolve) => setTimeout(resolve, pauseMs * 2 ** (tried - 1)));
        }
        const answered = await once(asked);
        if (typeof answered !== "string") return answered;
        fault = answered;
      }
      throw new SupplierProblem(fault);
    },
  };
}
