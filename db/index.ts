import { type Db, dataFile, openDb } from './open'

const held = globalThis as typeof globalThis & { dustLanternDb?: Db; dustLanternDbAway?: boolean }

/** The database is being put back at this moment. */
class Away extends Error {
  readonly code = 'SQLITE_CANTOPEN'
}

/** The one open database of this server. */
export function db(): Db {
  if (held.dustLanternDbAway) throw new Away('A backup is being restored.')
  return (held.dustLanternDb ??= openDb(dataFile()))
}

/** Run something with the database closed, for whoever puts another file in its place. Whatever asks for it meanwhile is told to come again. */
export async function withDbClosed<T>(work: () => Promise<T>): Promise<T> {
  held.dustLanternDb?.$client.close()
  delete held.dustLanternDb
  held.dustLanternDbAway = true
  try {
    return await work()
  } finally {
    held.dustLanternDbAway = false
    db()
  }
}
