/** Does what is asked for one id after the other, and for different ids at once. */
export type Turns = <Result>(id: string, work: () => Promise<Result>) => Promise<Result>;

export function createTurns(): Turns {
  const last = new Map<string, Promise<unknown>>();
  return async (id, work) => {
    const turn = (last.get(id) ?? Promise.resolve()).then(work, work);
    last.set(id, turn);
    try {
      return await turn;
    } finally {
      if (last.get(id) === turn) last.delete(id);
    }
  };
}
