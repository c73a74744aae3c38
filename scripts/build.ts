import { buildWeb } from "./build-web";
import { orExplain } from "./explain";

await orExplain(buildWeb);
