import { benchAccuracy, benchUpdate } from "./bench/accuracy";
import { benchBucket } from "./bench/bucket";
import { benchCallouts } from "./bench/callouts";
benchUpdate(); benchUpdate();
benchCallouts();
void (async () => { await benchAccuracy(); await benchBucket(); })();
