import { benchUpdate } from "./bench/accuracy";
benchUpdate();
