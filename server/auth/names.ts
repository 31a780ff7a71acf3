import { eq } from 'drizzle-orm'
import type { Reads } from '../../db/open'
import { accountByLogin } from '../../db/queries/accounts'
import { practitioners } from '../../db/schema'

/** What is wrong with a name and a sign-in name; null when nothing is. @param own - the account that may have them already */
export function nameIssue(db: Reads, name: string, login: string, own: string | null): string | null {
  if (!/\p{L}/u.test(name) || name.trim().length > 120) return 'A name has letters, up to 120 of them.'
  if (!/^[\p{L}\p{N}][\p{L}\p{N}._-]{1,39}$/u.test(login.trim())) {
    return 'A sign-in name has 2 to 40 letters or digits, and no spaces.'
  }
  const there = accountByLogin(db, login)
  return there && there.id !== own ? 'Somebody signs in by this name already.' : null
}

/** The short name by which a practitioner stands in records: made from the name once, and never given again. */
export function idFor(db: Reads, name: string): string {
  const plain = name
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 40)
  const base = plain === '' ? 'practitioner' : plain
  for (let n = 1; ; n++) {
    const id = n === 1 ? base : `${base}-${n}`
    if (!db.select({ id: practitioners.id }).from(practitioners).where(eq(practitioners.id, id)).get()) return id
  }
}
