/** How long somebody who was wrong has to wait. */
export interface Patience {
  /** Wrong tries that cost nothing. */
  readonly free: number
  /** The first wait, in milliseconds; each further wrong try doubles it. */
  readonly firstMs: number
  readonly mostMs: number
  /** One wrong try is forgotten in so long, in milliseconds. */
  readonly decayMs: number
}

/** Wrong tries of one subject behind a name: an account that is guessed at, behind an address. */
interface Share {
  readonly points: number
  readonly at: number
}

interface Tries {
  readonly shares: ReadonlyMap<string, Share>
  readonly until: number
}

/** Names that are remembered; beyond it the one unheard of for longest is forgotten. */
const MOST_NAMES = 10_000
/** Subjects remembered behind one name; whoever guesses at more has long been waiting. */
const MOST_SHARES = 200

/**
 * Wrong tries by name, each making the next wait longer and each forgotten again after a while. A name is an account, a device or an
 * address; nothing a request says of itself. Behind an address every account has a share of its own, which its right password clears.
 */
export function attempts({ free, firstMs, mostMs, decayMs }: Patience) {
  const tries = new Map<string, Tries>()
  const left = ({ points, at }: Share, now: number) => Math.max(0, points - Math.max(0, now - at) / decayMs)
  const sharesOf = (name: string, now: number): Map<string, Share> => {
    const shares = new Map<string, Share>()
    for (const [subject, share] of tries.get(name)?.shares ?? []) {
      const points = left(share, now)
      if (points > 0) shares.set(subject, { points, at: now })
    }
    return shares
  }
  const sum = (shares: ReadonlyMap<string, Share>) => [...shares.values()].reduce((all, { points }) => all + points, 0)
  return {
    /** How long this name still waits, in milliseconds; 0 when it may try. A clock that was set back lengthens no wait beyond the most. */
    wait(name: string, now: number): number {
      return Math.min(mostMs, Math.max(0, (tries.get(name)?.until ?? 0) - now))
    },
    /** @param weight - of this try; a first slip at an account that is there weighs little behind an address */
    wrong(name: string, now: number, subject = '', weight = 1): void {
      const shares = sharesOf(name, now)
      shares.set(subject, { points: (shares.get(subject)?.points ?? 0) + weight, at: now })
      if (shares.size > MOST_SHARES) for (const oldest of shares.keys()) if (shares.delete(oldest)) break
      const over = sum(shares) - free
      const wait = over <= 0 ? 0 : Math.min(mostMs, firstMs * 2 ** Math.min(30, Math.ceil(over - 1)))
      const before = tries.get(name)?.until ?? 0
      tries.delete(name)
      tries.set(name, { shares, until: Math.max(now + wait, before <= now + mostMs ? before : 0) })
      if (tries.size > MOST_NAMES) for (const oldest of tries.keys()) return void tries.delete(oldest)
    },
    /** It was right: what this subject did wrong is forgotten, and nobody waits for it. Guesses at others stay. */
    right(name: string, subject = '', now = 0): void {
      const shares = sharesOf(name, now)
      shares.delete(subject)
      if (shares.size === 0) tries.delete(name)
      else tries.set(name, { shares, until: sum(shares) > free ? (tries.get(name)?.until ?? 0) : 0 })
    },
  }
}

export type Attempts = ReturnType<typeof attempts>
