import { schoolOf } from '../catalogue/schools'
import type { Exam } from '../record/exam'
import type { Cluster } from './cluster'

/** The pelvic rule of each school. */
const PELVIC: Readonly<Record<string, string>> = { five: 'pelvic-five', six: 'pelvic-six', four: 'pelvic-four', 'five-thrust': 'pelvic-five-thrust' }

function pelvicRule(exam: Pick<Exam, 'schools'>): string {
  return PELVIC[schoolOf(exam, 'pelvic-cluster')?.id ?? 'five'] ?? 'pelvic-five'
}

/** The same rules with the one of the chosen school first: of several for one source the first decided one leads. */
export function inSchoolOrder(clusters: readonly Cluster[], exam: Pick<Exam, 'schools'>): readonly Cluster[] {
  const led = pelvicRule(exam)
  return clusters[0]?.id === led ? clusters : clusters.toSorted((a, b) => Number(b.id === led) - Number(a.id === led))
}

/** May this rule lead once it is decided? Not one of another pelvic school, nor one that rests on too little to lead. */
export function speaksHere(cluster: Cluster, exam: Pick<Exam, 'schools'>): boolean {
  return !cluster.neverLeads && (!Object.values(PELVIC).includes(cluster.id) || cluster.id === pelvicRule(exam))
}

/**
 * May this rule be a reason to do a test, or to leave one out?
 *
 * Rules with figures of their own, except those of another pelvic school and those read only beside.
 */
export function plans(cluster: Cluster, exam: Pick<Exam, 'schools'>): boolean {
  if (cluster.basis !== 'published' && cluster.basis !== 'own') return false
  return !cluster.beside && (!Object.values(PELVIC).includes(cluster.id) || cluster.id === pelvicRule(exam))
}
