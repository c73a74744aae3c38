import {
  RECORD_SENTENCES,
  savesAwayWords,
  saveRefusedWords,
  saveFaultWords,
} from "@root-gauge/core/say/record";
import type { OutboxState } from "../data/outbox/outbox";

/** What is not on the server yet and why, the gravest first; undefined when nothing needs saying. */
export function outboxSentence({ parcels, serverAway }: OutboxState): string | undefined {
  const conflict = parcels.some(({ trouble }) => trouble?.kind === "conflict");
  const refused = parcels.find(({ trouble }) => trouble?.kind === "refused");
  const fault = parcels.find(({ trouble }) => trouble?.kind === "fault");
  const saves = parcels.length;
  if (saves === 0) return undefined;
  if (serverAway) return savesAwayWords(saves);
  if (conflict) return RECORD_SENTENCES.conflict;
  if (refused !== undefined) return saveRefusedWords(saves, refused.trouble?.message ?? "");
  return fault === undefined ? undefined : saveFaultWords(saves, fault.trouble?.message ?? "");
}
