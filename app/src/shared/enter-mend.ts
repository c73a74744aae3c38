import { threadInsideInsert, threadName, type Thread } from "@root-gauge/core";
import { beginWith, type MendState } from "../data/kept/mend-state";

/** What is known of a part that is to be mended, from where it was named. */
export interface KnownPart {
  readonly thread: Thread | undefined;
  readonly machineId: string | null;
  readonly position: string;
  readonly positionId?: string | undefined;
  /** Over its crests and its pitch, where no thread is: all that a file asks for. */
  readonly odd?: { readonly crests: string; readonly pitch: string };
  readonly gradeId?: string | undefined;
}

/** Lays a part in Mend, where it is asked what is wrong with it. A hole tapped for an insert is mended as its screw's. */
export function enterMend({ thread, odd, gradeId, ...where }: KnownPart): void {
  const named = thread === undefined ? undefined : (threadInsideInsert(thread) ?? thread);
  const known: Partial<MendState> = {
    choosing: true,
    thread: named === undefined ? "" : threadName(named),
    machineId: where.machineId,
    position: where.position,
    ...(where.positionId === undefined ? {} : { positionId: where.positionId }),
    ...(odd === undefined ? {} : { odd: true, typedIn: "mm", ...odd }),
    ...(gradeId === undefined ? {} : { grade: gradeId }),
  };
  beginWith(known);
}
