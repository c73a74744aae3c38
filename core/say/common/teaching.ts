/** One sentence on taking each size well: what the Bench asks first. */
export const TEACHING_SIZES = {
  "external-diameter":
    "Zero the jaws. Hold the part askew over the crests and wriggle it: the widest reading counts.",
  "diameter-between":
    "Try the gauge holes from the large end down: the last that it enters, and the first that it does not.",
  "internal-diameter":
    "Zero the jaws, set the inside ones across the crests at the mouth and rock them: the widest reading counts.",
} as const;
