import 'server-only'
import { type Db, dataFile, openDb } from './open'

const held = globalThis as typeof globalThis & { dustLanternDb?: Db }

/** The one open database of this server. */
export function db(): Db {
  return (held.dustLanternDb ??= openDb(dataFile()))
}
