export const JOB_SENTENCES = {
  none: "No job is open. A job gathers places to be worked at: a service, a rebuild.",
  open: "Open a job over this machine’s positions",
  nameWanted: "Nothing was read. A job needs a name.",
  dayWanted: "Read as no day. Day, month and year are wanted, or nothing.",
  noPlace: "No place yet. Find a machine or a position, and add it.",
  find: "Add places: a machine, a position, a call-out",
  gone: "This job was taken out of the lists.",
  placesWait: "Places that were just added stand here when the server has them.",
  chooseJobs: "The jobs that this position is worked at in",
} as const;

/** A day as it is read: "2 Mar 2026". */
function dayWords(day: string): string {
  const [year = "", month = "", date = ""] = day.split("-");
  const names = "Jan Feb Mar Apr May Jun Jul Aug Sep Oct Nov Dec".split(" ");
  return `${Number(date)} ${names[Number(month) - 1] ?? month} ${year}`;
}

/** When a job was opened, is due, or was done; late is said. @param today as 2026-03-02 */
export function jobTimeWords(
  {
    opened,
    due,
    done,
  }: { readonly opened: string; readonly due: string | null; readonly done: string | null },
  today: string,
): string {
  if (done !== null) return `Done ${dayWords(done)}`;
  if (due === null) return `Opened ${dayWords(opened)}`;
  return due < today ? `Was due ${dayWords(due)}` : `Due ${dayWords(due)}`;
}

/** How many places: "1 place", "12 places". */
export function placesWords(count: number): string {
  return count === 1 ? "1 place" : `${count} places`;
}

export const REMOVED_SENTENCES = {
  none: "Nothing was taken out of the lists.",
  kept: "What is taken out is kept: it stands here, and is put back with a touch.",
  open: "What was taken out of the lists, and the way back",
} as const;
