/** How the simulated supplier answers a request: as it should, late, with a failure, with what is no quotation, or never. */
export const SUPPLIER_MOODS = ["well", "late", "fails", "nonsense", "silent"] as const;

export type SupplierMood = (typeof SUPPLIER_MOODS)[number];
