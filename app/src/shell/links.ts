/** The address of a thread's page, which can be shared. Ids hold points and strokes, so they travel as a parameter. */
export function threadPath(id: string): `/charts/thread?id=${string}` {
  return `/charts/thread?id=${encodeURIComponent(id)}`;
}

/** The address of two threads side by side. */
export function comparePath(first: string, second: string): `/charts/compare?a=${string}` {
  return `/charts/compare?a=${encodeURIComponent(first)}&b=${encodeURIComponent(second)}`;
}

/** An address of the app as a link for another person. */
export function asLink(path: string): string {
  return new URL(path, window.location.origin).href;
}
