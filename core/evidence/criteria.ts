import type { SourceId } from '../vocabulary/source'
import type { Accuracy } from './accuracy'
import type { Criterion, Fit } from './criterion'
import type { WeighedSource } from './priors'

/** What a study looked for, by how it was established. */
export type Target =
  | 'root-by-imaging'
  | 'root-by-nerve-conduction'
  | 'herniation-by-surgery'
  | 'one-root-level'
  | 'facet-by-block'
  | 'sij-by-block'
  | 'ligament-by-injection'
  | 'disc-by-discography'
  | 'instability-on-radiographs'
  | 'cord-on-imaging'
  | 'headache-by-clinic'
  | 'outlet-by-clinic'
  | 'hip-wear-on-radiographs'

/** Criterion and target of one row of the register. */
export interface Counted {
  readonly criterion: Criterion
  readonly target: Target
}

const row = (shows: Criterion['shows'], target: Target, more: Partial<Criterion> = {}): Counted => ({ criterion: { shows, ...more }, target })

/** How each row that moves a number called it positive, and what it looked for; by its number in the register. A row without a line here moves nothing. */
export const COUNTED: Readonly<Record<string, Counted>> = {
  A01: row('own-symptom', 'sij-by-block'),
  A02: row('own-symptom', 'sij-by-block'),
  A03: row('own-symptom', 'sij-by-block'),
  A04: row('own-symptom', 'sij-by-block'),
  A05: row('own-symptom', 'sij-by-block'),
  A06: row('own-symptom', 'sij-by-block'),
  A07: row('count', 'sij-by-block'),
  A09: row('count', 'sij-by-block'),
  A12: row('count', 'sij-by-block'),
  A13: row('count', 'sij-by-block'),
  A14: row('count', 'sij-by-block'),
  A15: row('count', 'sij-by-block'),
  A36: row('count', 'ligament-by-injection'),
  B04: row('own-symptom', 'herniation-by-surgery'),
  B07: row('changed-at-a-distance', 'root-by-imaging'),
  B10: row('own-symptom', 'root-by-imaging', { onsetBelow: 60 }),
  B24: row('own-symptom', 'root-by-imaging'),
  B25: row('own-symptom', 'one-root-level'),
  B26: row('lost', 'one-root-level'),
  B28: row('lost', 'one-root-level'),
  B33: row('lost', 'herniation-by-surgery'),
  B36: row('lost', 'root-by-imaging'),
  B37: row('lost', 'root-by-imaging'),
  C02: row('own-symptom', 'facet-by-block'),
  C12: row('seen', 'disc-by-discography'),
  C16: row('measured', 'instability-on-radiographs'),
  C18: row('eased', 'instability-on-radiographs'),
  C19: row('seen', 'instability-on-radiographs'),
  C30: row('own-symptom', 'instability-on-radiographs'),
  D03: row('own-symptom', 'root-by-nerve-conduction'),
  D04: row('own-symptom', 'root-by-nerve-conduction'),
  D05: row('eased', 'root-by-nerve-conduction'),
  D06: row('own-symptom', 'root-by-nerve-conduction'),
  D07: row('eased', 'root-by-nerve-conduction'),
  D08: row('measured', 'root-by-nerve-conduction'),
  D11: row('count', 'root-by-nerve-conduction'),
  D12: row('count', 'root-by-nerve-conduction'),
  D13a: row('lost', 'root-by-nerve-conduction'),
  D22: row('count', 'root-by-imaging'),
  D23: row('not-recalled', 'root-by-imaging'),
  D24: row('not-recalled', 'root-by-imaging'),
  D25a: row('not-recalled', 'root-by-imaging'),
  D25b: row('not-recalled', 'root-by-imaging'),
  D34w: row('lost', 'root-by-nerve-conduction'),
  D34s: row('lost', 'root-by-nerve-conduction'),
  E07: row('measured', 'headache-by-clinic'),
  E10: row('count', 'cord-on-imaging'),
  E11: row('count', 'cord-on-imaging'),
  E12a: row('seen', 'cord-on-imaging'),
  E12b: row('seen', 'cord-on-imaging'),
  E12c: row('seen', 'cord-on-imaging'),
  E12d: row('seen', 'cord-on-imaging'),
  F01: row('seen', 'facet-by-block'),
  F04: row('count', 'facet-by-block'),
  F06: row('seen', 'facet-by-block'),
  G01: row('seen', 'outlet-by-clinic'),
  G02: row('own-symptom', 'outlet-by-clinic'),
  I03: row('own-symptom', 'hip-wear-on-radiographs'),
  I04: row('measured', 'hip-wear-on-radiographs'),
}

/** What stands for each source here, and what is only near to it: related, and not the same. */
const TARGETS: Readonly<Record<WeighedSource, { readonly same: readonly Target[]; readonly near: readonly Target[] }>> = {
  'root-cervical': { same: ['root-by-imaging', 'root-by-nerve-conduction'], near: [] },
  'root-lumbar-mid': { same: ['root-by-imaging'], near: ['one-root-level'] },
  'root-lumbar-low': { same: ['root-by-imaging', 'root-by-nerve-conduction', 'herniation-by-surgery'], near: [] },
  'facet-cervical': { same: ['facet-by-block'], near: [] },
  'joint-upper-neck': { same: ['headache-by-clinic'], near: [] },
  'facet-lumbar': { same: ['facet-by-block'], near: [] },
  'sij-pain': { same: ['sij-by-block'], near: [] },
  hip: { same: [], near: ['hip-wear-on-radiographs'] },
  'instability-lumbar': { same: ['instability-on-radiographs'], near: [] },
  'sij-ligament': { same: ['ligament-by-injection'], near: ['sij-by-block'] },
  'disc-annulus': { same: ['disc-by-discography'], near: [] },
  outlet: { same: ['outlet-by-clinic'], near: [] },
  cord: { same: ['cord-on-imaging'], near: [] },
}

/** Is what a row looked for the source it is used for here? */
export function fitOfTarget(target: Target, source: SourceId): Fit {
  const known: Readonly<Partial<Record<SourceId, { readonly same: readonly Target[]; readonly near: readonly Target[] }>>> = TARGETS
  const { same = [], near = [] } = known[source] ?? {}
  return same.includes(target) ? 'same' : near.includes(target) ? 'near' : 'other'
}

/** Criterion and target of a row; undefined for a figure a clinic wrote for a rule of its own, which is as its author says. */
export function countedBy({ id }: Pick<Accuracy, 'id'>): Counted | undefined {
  return COUNTED[id]
}
