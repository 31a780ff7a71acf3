import { distance } from 'fastest-levenshtein'

/** What two entries of people are compared by. */
export interface Named {
  readonly name: string
  /** YYYY-MM-DD; null when not known. */
  readonly born: string | null
}

/**
 * Whether two entries may be one person, in words that say by what; null when nothing speaks for it.
 *
 * It offers, and forbids nothing: two people may share a name and a day. Accents, capitals, the order of the names and a slip of the
 * fingers do not tell people apart; part of a name is enough while it is typed.
 */
export function likeness(typed: Named, known: Named): string | null {
  const name = nameLikeness(partsOf(typed.name), partsOf(known.name))
  if (name === null) return null
  if (!typed.born || !known.born) return `${name} name`
  if (typed.born === known.born) return `${name} name, same date of birth`
  if (name === 'similar') return null
  return swapped(typed.born) === known.born ? 'same name, day and month of birth changed about' : 'same name, another date of birth'
}

/** The names of a person without accents and capitals. */
export function partsOf(name: string): readonly string[] {
  return (
    name
      .normalize('NFD')
      .replace(/\p{M}/gu, '')
      .toLowerCase()
      .match(/[\p{L}\p{N}]+/gu) ?? []
  )
}

function nameLikeness(typed: readonly string[], known: readonly string[]): 'same' | 'similar' | null {
  if (typed.join('').length < FEWEST_LETTERS || known.length === 0) return null
  if (typed.toSorted().join(' ') === known.toSorted().join(' ')) return 'same'
  const [fewer, more] = typed.length <= known.length ? [typed, known] : [known, typed]
  return fewer.every((part) => more.some((other) => alike(part, other))) ? 'similar' : null
}

/** Fewer letters fit too many. */
const FEWEST_LETTERS = 3

function alike(a: string, b: string): boolean {
  const [short, long] = a.length <= b.length ? [a, b] : [b, a]
  if (short.length >= FEWEST_LETTERS && long.startsWith(short)) return true
  // Two letters changed about count as two; in a short name two would be another name.
  return short.length >= 4 && distance(a, b) <= (short.length >= 6 ? 2 : 1)
}

/** The same day with its month and day changed about. */
function swapped(born: string): string {
  const [year, month, day] = born.split('-')
  return [year, day, month].join('-')
}
