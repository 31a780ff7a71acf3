import { expose } from 'comlink'
import { assess } from '../core/assess'
import type { Clinic } from '../core/evidence/knowledge'
import type { Exam } from '../core/record/exam'
import { type Hinge, hingeOf, type Holding, holdingOf } from '../core/sensitivity'

/** What the leading source hangs on, and what each lit source hangs on most, by "source side". */
export interface Sensitivity {
  readonly holding: Holding
  readonly hinges: Readonly<Record<string, Hinge>>
}

const api = {
  sensitivityOf: (exam: Exam, clinic: Clinic): Sensitivity => {
    const assessment = assess(exam, { clinic })
    const hinges = assessment.sources.flatMap((source) => {
      const hinge = hingeOf(assessment, source)
      return hinge ? [[`${source.source} ${source.side}`, hinge] as const] : []
    })
    return { holding: holdingOf(assessment), hinges: Object.fromEntries(hinges) }
  },
}

export type SensitivityApi = typeof api

expose(api)
