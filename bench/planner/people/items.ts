import { CATALOGUE } from '../../../core/catalogue'
import type { Accuracy } from '../../../core/evidence/accuracy'
import { groupOf } from '../../../core/evidence/groups'
import { likelihoodRatios } from '../../../core/evidence/likelihood-ratio'
import { WEIGHED, type WeighedSource } from '../../../core/evidence/prior'
import { moves, REGISTER, rowsOf } from '../../../core/evidence/register'
import { signsOf } from '../../../core/evidence/signs'
import { clamp } from './draws'

/** A test or a sign with the rates of its study. */
export interface Item {
  readonly id: string
  readonly source: WeighedSource
  readonly group: string | null
  readonly sens: number
  readonly spec: number
}

/** What a test shows of a source that has no figure of its own: more often when it is there, by an assumption of the generator. */
const UNQUANTIFIED = { sens: 0.5, spec: 0.9 }
/** Where a study printed one ratio alone, sensitivity is taken as this. */
const SENS_OF_RATIO = 0.5

/** Every test and sign that speaks of a source. */
export const ITEMS: readonly Item[] = CATALOGUE.flatMap((test) => [
  { id: test.id, shares: test.shares, own: test.reading.source },
  ...signsOf(test.id).map((s) => ({ id: s.id, shares: s.shares === null ? [] : [s.shares], own: s.source })),
]).flatMap(({ id, shares, own }): Item[] => {
  const row = rowsOf(id, REGISTER).find(moves)
  const source = WEIGHED.find((w) => w === (row?.for ?? own))
  if (!source) return []
  return [{ id, source, group: groupOf(shares)?.id ?? null, ...(row ? ratesOfRow(row) : UNQUANTIFIED) }]
})

/** Rates that give the ratios the register has, so that the people are not built against it. */
export function ratesOfRow(row: Accuracy): { readonly sens: number; readonly spec: number } {
  if (row.sens && row.spec) return { sens: clamp(row.sens.value), spec: clamp(row.spec.value) }
  const { positive, negative } = likelihoodRatios(row) ?? { positive: 1, negative: 1 }
  if (positive !== null && negative !== null && positive > 1 && negative < 1) {
    const spec = (positive - 1) / (positive - negative)
    return { sens: clamp(positive * (1 - spec)), spec: clamp(spec) }
  }
  if (positive === null) return { sens: clamp(1 - (negative ?? 1) * SENS_OF_RATIO), spec: SENS_OF_RATIO }
  return { sens: SENS_OF_RATIO, spec: clamp(1 - SENS_OF_RATIO / positive) }
}

/**
 * Pain that centralises without the joint: four of nine such people met the pelvic rule all the same (Laslett 2003), so some answer nearly every
 * pelvic test by yes and the others hardly any. All people together answer about as often as the studies say.
 */
export function fakesPelvic(uniform: () => number): (id: string) => boolean | undefined {
  const rate = uniform() < 4 / 9 ? 0.7 : 0.02
  return (id) => (PELVIC.has(id) ? uniform() < rate : undefined)
}

const PELVIC: ReadonlySet<string> = new Set(ITEMS.filter((item) => item.group === 'pelvic-provocation').map((item) => item.id))
