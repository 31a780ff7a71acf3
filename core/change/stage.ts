import { stagesOf } from '../record/outline'
import type { MeasureChange } from './measure-change'
import type { SignRun } from './sign-run'

/** The stage at which it came on: later is better, earlier worse. Only where it came on both times. */
export function stageChange(before: SignRun, after: SignRun): MeasureChange | null {
  const stages = stagesOf(before.test, before.run.variant, before.run.catalogue).filter((stage) => stage.kind === 'load')
  if (stages.length < 2) return null
  const at = (one: SignRun) => stages.findIndex((stage) => stage.id === one.finding.onsetStage)
  const [was, is] = [at(before), at(after)]
  const [from, to] = [stages[was], stages[is]]
  if (!from || !to) return null
  const verdict = is > was ? 'better' : is < was ? 'worse' : 'same'
  const words = verdict === 'same' ? `came on at the same stage (${low(from.label)})` : `came on at “${low(to.label)}” instead of “${low(from.label)}”`
  return { measure: 'stage', verdict, words, error: null }
}

function low(label: string): string {
  return label.charAt(0).toLowerCase() + label.slice(1)
}
