/** A change of some of a record: as it is, or as it follows from the record as that stands when the change is made. */
export type ChangeOf<Stored, Input> = Partial<Input> | ((now: Stored) => Partial<Input>);

/** The fields that a change leaves otherwise than they were: only those does another device's change clash with. */
export function changedFields<Input extends object>(
  before: Input,
  change: Partial<Input>,
): (keyof Input)[] {
  return (Object.keys(change) as (keyof Input)[]).filter(
    (field) => JSON.stringify(change[field]) !== JSON.stringify(before[field]),
  );
}

/**
 * A record as a change makes it.
 * @param sent what it says of its fields now
 * @returns what is sent of it then, and the fields in which that is other than it was
 */
export function changedFrom<Stored, Input extends object>(
  now: Stored,
  sent: Input,
  change: ChangeOf<Stored, Input>,
): { readonly body: Input; readonly touched: (keyof Input)[] } {
  const wanted = typeof change === "function" ? change(now) : change;
  return { body: { ...sent, ...wanted }, touched: changedFields(sent, wanted) };
}

/** The later writing of a record: what was shown, or what has been fetched since. */
export function newest<Stored extends { readonly version: number }>(
  shown: Stored,
  fetched: Stored | undefined,
): Stored {
  return fetched !== undefined && fetched.version > shown.version ? fetched : shown;
}
