import type { Symptom } from '../record/exam'
import { ARM } from '../vocabulary/area-sets'
import { type AreaId, areaOf } from '../vocabulary/body-area'
import { NEURAL } from '../vocabulary/quality'

const INNER: readonly AreaId[] = ['little-finger', 'forearm-front']

/** Is this arm symptom told as the outlet makes it: down the inner arm, or brought on by raising or carrying? */
export function fitsTheOutlet({ places, qualities, bringsOn, words }: Pick<Symptom, 'places' | 'qualities' | 'bringsOn' | 'words'>): boolean {
  const areas = places.map(areaOf)
  if (!areas.some((area) => ARM.includes(area))) return false
  const raised = /overhead|over my head|arms? (up|raised)|rais|reach|carry|hang|lift/i.test(`${bringsOn} ${words}`)
  return raised || (qualities.some((q) => NEURAL.includes(q)) && areas.some((area) => INNER.includes(area)))
}
