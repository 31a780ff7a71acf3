/** What the windows of this browser tell each other about the door: nothing of what is behind it. */
export type DoorWord = 'locked' | 'unlocked' | 'signed-out' | 'hand' | 'who-examines' | 'examining'

/** Why a door is closed to this window. */
export type Closed = 'unlock' | 'sign-in'

const CLOSED = 'lantern-door-closed'
const OPENED = 'lantern-door-opened'

/** The server did not let this window in: whoever watches the door is told. @returns whether it was that */
export function toldAtDoor(response: Pick<Response, 'status'>): boolean {
  const why: Closed | null = response.status === 423 ? 'unlock' : response.status === 401 ? 'sign-in' : null
  if (why === null) return false
  window.dispatchEvent(new CustomEvent<Closed>(CLOSED, { detail: why }))
  return true
}

/** Hear of a closed door until the returned function is called. */
export function onClosed(tell: (why: Closed) => void): () => void {
  const hear = (event: Event) => tell((event as CustomEvent<Closed>).detail)
  window.addEventListener(CLOSED, hear)
  return () => window.removeEventListener(CLOSED, hear)
}

/** The door is open again: what could not be fetched is asked for once more. */
export function tellOpened(): void {
  window.dispatchEvent(new Event(OPENED))
}

export function onOpened(tell: () => void): () => void {
  window.addEventListener(OPENED, tell)
  return () => window.removeEventListener(OPENED, tell)
}

/** A path of this application, whatever an address asks to go to next. */
export function ownPath(to: string | null | undefined): string {
  return to && /^\/(?![/\\])[^\u0000-\u001f\\]*$/.test(to) ? to : '/today'
}

/** Load a page as a whole, so that nothing of the one before stays in the window: not what a router keeps, nor what it fetched ahead. */
export function wholePage(to: string): void {
  window.location.assign(to)
}
