import { bucketTrial, type BucketOptions } from "@root-gauge/trials/simulate";

const { seed, ...options } = JSON.parse(process.argv[2] ?? "") as BucketOptions & { seed: number };
process.stdout.write(JSON.stringify(bucketTrial(seed, options)));
