import { trialRun, type TrialOptions } from "@root-gauge/core/simulate";

interface Order {
  readonly seed: number;
  readonly parts: number;
  readonly options: TrialOptions;
}

// In a process of its own, so that the two runs share the machine's cores: an order in, the figures out.
const order = JSON.parse(process.argv[2] ?? "") as Order;
process.stdout.write(JSON.stringify(trialRun(order.seed, order.parts, order.options)));
