import type { Db } from './open'

/**
 * Queries that are put together once for each database: building one takes longer than running it.
 *
 * They run on the database's one connection, so inside a transaction they are part of it.
 */
export function preparedOnce<Q>(make: (db: Db) => Q): (db: Db) => Q {
  const made = new WeakMap<object, Q>()
  return (db) => {
    const known = made.get(db.$client)
    if (known !== undefined) return known
    const queries = make(db)
    made.set(db.$client, queries)
    return queries
  }
}
