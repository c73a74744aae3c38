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

/** The later writing of a record: what was shown, or what has been fetched since. */
export function newest<Stored extends { readonly version: number }>(
  shown: Stored,
  fetched: Stored | undefined,
): Stored {
  return fetched !== undefined && fetched.version > shown.version ? fetched : shown;
}
