// A worker thread starts without the loader of its parent.
import { register } from "tsx/esm/api";

register();
await import("./pdf-worker");
