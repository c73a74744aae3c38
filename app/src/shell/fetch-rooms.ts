/** Long enough for the first screen to be ready; the rooms are then fetched while nobody waits for them. */
const AFTER_MS = 1200;

/** Fetches the other rooms' code ahead, so that they open at once, also when the server has gone away. */
export function fetchRoomsAhead(): () => void {
  const timer = setTimeout(() => {
    // When the server is away now, the room is fetched when it is opened.
    void Promise.allSettled([
      import("../app/write-up"),
      import("../app/fastener"),
      import("../app/specify"),
      import("../sheet/load-chart"),
      import("../app/jobs/index"),
      import("../app/outbox"),
      import("../app/jobs/[id]"),
      import("../app/sheet/[id]"),
      import("../app/charts/index"),
      import("../app/charts/thread"),
      import("../app/charts/compare"),
      import("../app/charts/drills"),
      import("../app/charts/convert"),
      import("../kit/csv"),
      import("../bench/rare-panels"),
    ]);
  }, AFTER_MS);
  return () => clearTimeout(timer);
}
