import { lazy } from "react";

// The package of the charts is fetched by itself: it is as large as a room.
export const BarChart = lazy(() =>
  import("./chart-kit").then((kit) => ({ default: kit.BarChart })),
);
export const LineChart = lazy(() =>
  import("./chart-kit").then((kit) => ({ default: kit.LineChart })),
);
