import { buildWeb } from "./build-web";

await buildWeb();
