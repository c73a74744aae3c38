import type { OutboxState } from "../data/outbox";

const savesWords = (count: number) => (count === 1 ? "One save is" : `${count} saves are`);

/** What is not on the server yet and why, the gravest first; undefined when nothing needs saying. */
export function outboxSentence({ parcels, serverAway }: OutboxState): string | undefined {
  const conflict = parcels.some(({ trouble }) => trouble?.kind === "conflict");
  const refused = parcels.find(({ trouble }) => trouble?.kind === "refused");
  const fault = parcels.find(({ trouble }) => trouble?.kind === "fault");
  const kept = `${savesWords(parcels.length)} kept on this device`;
  if (parcels.length === 0) return undefined;
  if (serverAway) return `The server does not answer. ${kept} until it does.`;
  if (conflict) return "Another device has changed what was saved here. Say which one is right.";
  if (refused !== undefined)
    return `The server refused a save. ${kept}: ${refused.trouble?.message}`;
  return fault === undefined
    ? undefined
    : `The server could not take a save yet. ${kept} and sent again. ${fault.trouble?.message}`;
}
