/** Where something was found or done: a machine, and a place on it. */
export interface Where {
  readonly machineId: string | null;
  readonly position: string;
  /** The position itself, where it was chosen and not only named. */
  readonly positionId?: string | undefined;
}
