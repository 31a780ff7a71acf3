import type { CaseFile } from './case-file/file'
import { patientOfCase } from './case-file/from'
import { numberedCase } from './generate'
import { CASE_REGIONS, type CaseRegion } from './picture'
import type { SimulatedPatient } from './simulated-patient'

/** The highest number a case can have. */
export const LAST_CASE = 99_999

/** What names a case: a region with a number, or the code of one that was written. */
export type CaseName = { readonly kind: 'numbered'; readonly region: CaseRegion; readonly number: number } | { readonly kind: 'written'; readonly code: string }

/** Read "neck 14" or "written 0198…"; null for what names no case. */
export function caseNamed(name: string): CaseName | null {
  const numbered = /^(neck|back|pelvis) ([1-9][0-9]{0,4})$/.exec(name.trim().toLowerCase())
  const region = CASE_REGIONS.find((r) => r === numbered?.[1])
  if (region) return { kind: 'numbered', region, number: Number(numbered?.[2]) }
  const code = /^written ([0-9a-f-]{36})$/.exec(name)?.[1]
  return code === undefined ? null : { kind: 'written', code }
}

/** The person of a case; null where it is written and its file is not given. */
export function patientNamed(name: string, file: CaseFile | null): SimulatedPatient | null {
  const named = caseNamed(name)
  if (!named) return null
  if (named.kind === 'numbered') return numberedCase(named.region, named.number)
  return file && patientOfCase(file, name)
}
