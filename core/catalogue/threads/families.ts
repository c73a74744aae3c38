import { acme } from "./acme";
import { americanPipe } from "./american-pipe";
import { britishAssociation } from "./ba";
import { conduit } from "./conduit";
import { cycle } from "./cycle";
import { gasCylinder } from "./gas-cylinder";
import { hose } from "./hose";
import { insertTappedStandard } from "./insert-tapped";
import { isoMetric } from "./iso-metric";
import { pipeParallel } from "./pipe-parallel";
import { pipeTaper } from "./pipe-taper";
import { square } from "./square";
import type { FamilyStandard, ThreadFamily } from "./thread";
import { trapezoidal } from "./trapezoidal";
import { unifiedStandard } from "./unified";
import { whitworth } from "./whitworth";

/** What each family's standard says, in the order of the catalogue. A new family does not compile until it stands here. */
export const FAMILIES: Readonly<Record<ThreadFamily, FamilyStandard>> = {
  "iso-metric": isoMetric,
  unified: unifiedStandard,
  whitworth,
  ba: britishAssociation,
  cycle,
  "pipe-parallel": pipeParallel,
  "pipe-taper": pipeTaper,
  npt: americanPipe,
  trapezoidal,
  acme,
  square,
  conduit,
  hose,
  "gas-cylinder": gasCylinder,
  "insert-tapped": insertTappedStandard,
};
