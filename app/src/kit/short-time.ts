const FORM = new Intl.DateTimeFormat("en-GB", { dateStyle: "medium", timeStyle: "short" });

/** A moment as a line of a history has it, in this device's time: "2 Mar 2026, 08:30". */
export function shortTime(iso: string): string {
  return FORM.format(new Date(iso));
}
