import { benchAccuracy } from "./bench/accuracy";
import { benchBucket } from "./bench/bucket";
import { benchCallouts } from "./bench/callouts";
await benchAccuracy(); await benchBucket(); benchCallouts();
