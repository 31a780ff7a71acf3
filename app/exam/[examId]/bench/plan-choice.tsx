'use client'

import { PLAN_MODES } from '@/core/planner/modes'
import type { PlanMode } from '@/core/record/event'
import { useExam } from '@/ui/exam/store'
import type { Bench } from './use-bench'

/** How the remaining tests are put in order. Choosing gives up an order made by hand. */
export function PlanChoice({ bench }: { readonly bench: Bench }) {
  const { exam } = useExam()
  if (exam.signed) return null
  return (
    <label className="mt-2 flex items-center gap-2 text-[15px]">
      <span className="text-ash">Plan</span>
      <select
        value={exam.mode}
        title={PLAN_MODES.find((m) => m.id === exam.mode)?.says}
        onChange={(e) => {
          bench.plan(e.target.value as PlanMode)
          // Letters choose tests on the bench, not entries of a list.
          e.currentTarget.blur()
        }}
        className="min-h-11 flex-1 rounded-card border border-hair bg-dust px-3"
      >
        {PLAN_MODES.map((mode) => (
          <option key={mode.id} value={mode.id}>
            {mode.name}
          </option>
        ))}
      </select>
      {exam.order.length > 0 && <span className="text-ash">own order</span>}
    </label>
  )
}
