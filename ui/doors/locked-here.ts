const PLACE = 'lantern-locked'

/** This window was locked and nobody has opened it since: a reload without the server does not open it either. */
export function isLockedHere(): boolean {
  try {
    return sessionStorage.getItem(PLACE) !== null
  } catch {
    return false
  }
}

/** Remember in this window that it is locked, or that it is open again. */
export function markLocked(locked: boolean): void {
  try {
    if (locked) sessionStorage.setItem(PLACE, 'yes')
    else sessionStorage.removeItem(PLACE)
  } catch {
    // A browser that keeps nothing forgets the key of the device with the page, too.
  }
}
