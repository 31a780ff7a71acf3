const AWAY = 'lantern-away'

/** Something that was sent did not arrive, or could not be stored: whoever shows how the server stands looks at once. */
export function tellAway(): void {
  if (typeof window !== 'undefined') window.dispatchEvent(new Event(AWAY))
}

export function onAway(tell: () => void): () => void {
  window.addEventListener(AWAY, tell)
  return () => window.removeEventListener(AWAY, tell)
}
