import { closeSync, fsyncSync, openSync } from 'node:fs'

/** Wait until a file, or the names in a folder, are on disk. */
export function onDisk(place: string): void {
  const handle = openSync(place, 'r')
  try {
    fsyncSync(handle)
  } finally {
    closeSync(handle)
  }
}
