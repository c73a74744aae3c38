import type { ChangedField } from "@root-gauge/contract";
import { changedBesideWords } from "@root-gauge/core/say/record";
import { useEffect, useMemo } from "react";
import type { DraftField } from "../data/kept/draft-fields";
import { useDraftStore, writeDraft } from "../data/drafts/drafts";
import { useSettings } from "../data/kept/settings";
import type { StoredKind } from "./stored-record";
import { toldFields, type Told } from "./told-fields";
import { useAsBegun } from "./use-edit";

/** A record that is being changed, as it is now and as it was when the change began. */
export interface Editing<Stored> {
  readonly now: Stored;
  readonly begun: Stored;
  /**
   * What to say beside a field in which something is typed and which another device has changed since.
   * @param called the field's name in the record's history
   * @param drafts what is typed in
   */
  readonly elsewhere: (
    called: ChangedField,
    ...drafts: readonly DraftField[]
  ) => string | undefined;
}

/** What stands in each field, in words; of what stands elsewhere, its id. */
type Texts = Readonly<Partial<Record<ChangedField, string>>>;

const textsOf = (told: readonly Told[]): Texts =>
  Object.fromEntries(
    told.map(({ called }) => {
      const lines = told.filter((one) => one.called === called).map(({ text }) => text);
      return [called, lines.join(" · ")];
    }),
  );

/**
 * Follows a record that is being changed in a form.
 * @param fieldsOf its fields as they are sent
 */
export function useEditing<Stored extends { readonly version: number }>(
  kind: StoredKind,
  now: Stored,
  fieldsOf: (now: Stored) => object | undefined,
): Editing<Stored> {
  const begun = useAsBegun(now);
  const { units } = useSettings();
  const drafts = useDraftStore();
  const told = useMemo(
    () => toldFields(kind, fieldsOf(now) ?? {}, units),
    [kind, fieldsOf, now, units],
  );
  const after = useMemo(() => textsOf(told), [told]);
  const was = drafts["edit.was"];
  const before = useMemo(() => was && (JSON.parse(was) as Texts), [was]);
  useEffect(() => {
    if (was === undefined) writeDraft("edit.was", JSON.stringify(after));
  }, [was, after]);
  const elsewhere: Editing<Stored>["elsewhere"] = (called, ...typedIn) => {
    const isTyped = typedIn.some((field) => drafts[field] !== undefined);
    if (!before || !isTyped || before[called] === after[called]) return undefined;
    const isNamed = told.some((one) => one.called === called && one.names !== undefined);
    return changedBesideWords(isNamed ? undefined : after[called]);
  };
  return { now, begun, elsewhere };
}
