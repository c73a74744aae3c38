import { useEffect, useState } from "react";
import { useOutbox } from "./saving";

/** A browser whose database does not answer is waited for so long, ms; what it holds shows when it comes. */
const PATIENCE_MS = 2000;

/** Whether what waits on this device is read. */
export function useBoxIsOpen(): boolean {
  const { opened } = useOutbox();
  const [late, setLate] = useState(false);
  useEffect(() => {
    const waited = setTimeout(() => setLate(true), PATIENCE_MS);
    return () => clearTimeout(waited);
  }, []);
  return opened || late;
}
