import { benchUpdate, benchAccuracy } from "./bench/accuracy";
import { benchBucket } from "./bench/bucket";
async function main() { benchUpdate(); await benchAccuracy(); await benchBucket(); }
void main();
