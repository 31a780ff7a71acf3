import { type StoredLine, TRAIL_WORDS, trailLines } from '../../db/queries/trail'
import { practitionerById } from '../../db/queries/practitioners'
import type { Db } from '../../db/open'

/** What others did to an account since its owner was last told. */
export interface Notice {
  readonly at: number
  readonly who: string
  readonly what: string
}

/** What a lead can do to somebody's account. */
const DONE_TO: ReadonlySet<string> = new Set(['invited', 'account-changed', 'factor-removed', 'signed-out-everywhere', 'lead-recovered'])

/** Told for so long. */
const TOLD_MS = 14 * 86_400_000
const MOST = 200

/** What others did to this account in the last two weeks, the newest first: nobody's password, second factor or role changes behind their back. */
export function noticesFor(db: Db, account: string, now: number): readonly Notice[] {
  return trailLines(db, { about: account }, MOST)
    .filter(({ at, who, what }) => DONE_TO.has(what) && who !== account && now - at < TOLD_MS)
    .map(({ at, who, what, more }: StoredLine) => ({
      at,
      who: who === '' ? 'somebody at the computer of the clinic' : (practitionerById(db, who)?.name ?? who),
      what: `${TRAIL_WORDS[what as keyof typeof TRAIL_WORDS]}${more === '' ? '' : ` (${more})`}`,
    }))
}
