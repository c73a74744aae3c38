import { trialRun, type TrialOptions } from "@root-gauge/trials/simulate";

interface Order {
  readonly seed: number;
  readonly parts: number;
  readonly options: TrialOptions;
}

const order = JSON.parse(process.argv[2] ?? "") as Order;
process.stdout.write(JSON.stringify(trialRun(order.seed, order.parts, order.options)));
