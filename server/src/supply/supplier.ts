import type { Quotation, QuotationRequest } from "@root-gauge/contract";

/** Someone who sells parts: a real one is written against this. */
export interface Supplier {
  /**
   * Asks what each line costs, how it comes and when it is here.
   * @throws SupplierProblem where no answer of use came
   */
  quote(asked: QuotationRequest): Promise<Quotation>;
}

/** Why there is no quotation: the supplier cannot be reached or fails, takes too long, or answers what is none. */
export type SupplierFault = "away" | "slow" | "nonsense";

export class SupplierProblem extends Error {
  override readonly name = "SupplierProblem";

  constructor(readonly fault: SupplierFault) {
    super(`the supplier: ${fault}`);
  }
}
