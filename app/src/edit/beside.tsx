import { Body } from "../kit/text";

/** A sentence beside a field that has no room for one of its own; nothing where there is none. */
export function Beside({ children }: { children: string | undefined }) {
  return children === undefined ? null : <Body role="status">{children}</Body>;
}
