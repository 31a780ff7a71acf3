import { distance } from 'fastest-levenshtein'

/** What two entries of people are compared by. */
export interface Named {
  readonly name: string
  /** YYYY-MM-DD; null when not known. */
  readonly born: string | null
}

/** How two entries of people are alike: by name, and by date of birth where both have one. */
export interface Likeness {
  readonly name: 'same' | 'similar'
  readonly born: 'same' | 'changed about' | 'another' | 'not known'
}

/**
 * Whether two entries may be one person, and by what; null when nothing speaks for it.
 *
 * It offers, and forbids nothing: two people may share a name and a day. Accents, capitals, the order of the names and a slip of the
 * fingers do not tell people apart; part of a name is enough while it is typed.
 */
export function likeness(typed: Named, known: Named): Likeness | null {
  const name = nameLikeness(partsOf(typed.name), partsOf(known.name))
  if (name === null) return null
  if (!typed.born || !known.born) return { name, born: 'not known' }
  if (typed.born === known.born) return { name, born: 'same' }
  if (name === 'similar') return null
  return { name, born: swapped(typed.born) === known.born ? 'changed about' : 'another' }
}

const BORN_WORDS: Readonly<Record<Likeness['born'], string>> = {
  same: ', same date of birth',
  'changed about': ', day and month of birth changed about',
  another: ', another date of birth',
  'not known': '',
}

/** What speaks for it, in words: "similar name, same date of birth". */
export function likenessWords({ name, born }: Likeness): string {
  return `${name} name${BORN_WORDS[born]}`
}

/** The likelier one first: a date that is the same says more than a name, and one with day and month changed about more than no date. */
export function likelierFirst(a: Likeness, b: Likeness): number {
  return weightOf(b) - weightOf(a)
}

const BORN_WEIGHT: Readonly<Record<Likeness['born'], number>> = { same: 4, 'changed about': 2, another: 0, 'not known': 0 }

function weightOf({ name, born }: Likeness): number {
  return BORN_WEIGHT[born] + (name === 'same' ? 1 : 0)
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
