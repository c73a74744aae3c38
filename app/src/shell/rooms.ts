import Anvil from "lucide-react-native/icons/anvil";
import ClipboardList from "lucide-react-native/icons/clipboard-list";
import Hammer from "lucide-react-native/icons/hammer";
import Ruler from "lucide-react-native/icons/ruler";

/** The rooms that can be entered. */
export const ROOMS = [
  { name: "Bench", path: "/", icon: Anvil },
  { name: "Mend", path: "/mend", icon: Hammer },
  { name: "Jobs", path: "/jobs", icon: ClipboardList },
  { name: "Charts", path: "/charts", icon: Ruler },
] as const;

export type Room = (typeof ROOMS)[number];

/** The room an address belongs to: machines, positions and sheets belong to Jobs, the writing-up to the Bench. */
export function roomOf(pathname: string): Room["name"] {
  if (pathname.startsWith("/charts")) return "Charts";
  if (pathname.startsWith("/mend") || pathname.startsWith("/tools")) return "Mend";
  return [
    "/job",
    "/machine",
    "/position",
    "/order",
    "/sheet",
    "/repair",
    "/outbox",
    "/removed",
  ].some((path) => pathname.startsWith(path))
    ? "Jobs"
    : "Bench";
}
