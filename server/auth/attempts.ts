/** How long somebody who was wrong has to wait. */
export interface Patience {
  /** Wrong tries that cost nothing. */
  readonly free: number
  /** The first wait, in milliseconds; each further wrong try doubles it. */
  readonly firstMs: number
  readonly mostMs: number
  /** After so long without a try everything is forgotten, in milliseconds. */
  readonly forgetMs: number
}

interface Tries {
  readonly wrong: number
  readonly last: number
  readonly until: number
}

/** Names that are remembered; beyond it the one unheard of for longest is forgotten. */
const MOST_NAMES = 10_000

/**
 * Wrong tries by name, each making the next wait longer. A name is an account or an address; nothing a request says of itself.
 */
export function attempts({ free, firstMs, mostMs, forgetMs }: Patience) {
  const tries = new Map<string, Tries>()
  const current = (name: string, now: number): Tries | undefined => {
    const one = tries.get(name)
    return one && now - one.last < forgetMs ? one : undefined
  }
  return {
    /** How long this name still waits, in milliseconds; 0 when it may try. */
    wait(name: string, now: number): number {
      return Math.max(0, (current(name, now)?.until ?? 0) - now)
    },
    wrong(name: string, now: number): void {
      const wrong = (current(name, now)?.wrong ?? 0) + 1
      const wait = wrong <= free ? 0 : Math.min(mostMs, firstMs * 2 ** Math.min(30, wrong - free - 1))
      tries.delete(name)
      tries.set(name, { wrong, last: now, until: now + wait })
      if (tries.size > MOST_NAMES) for (const oldest of tries.keys()) return void tries.delete(oldest)
    },
    /** It was right after all: that one try does not count. */
    back(name: string): void {
      const one = tries.get(name)
      if (one) tries.set(name, { ...one, wrong: one.wrong - 1, until: 0 })
    },
    /** Whose it is was shown: everything is forgotten. */
    right(name: string): void {
      tries.delete(name)
    },
  }
}

export type Attempts = ReturnType<typeof attempts>
