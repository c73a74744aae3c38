/** The most letters that are kept of a text, and that a field takes. */
export const LONGEST = {
  name: 120,
  /** A place in one line, and a call-out. */
  line: 600,
  /** What was felt at a step, and what was used. */
  remark: 1000,
  notes: 4000,
} as const;
