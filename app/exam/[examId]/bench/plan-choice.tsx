'use client'

import { PLAN_MODES } from '@/core/planner/modes'
import { CommandKey } from '@/ui/exam/command-key'
import { useExam } from '@/ui/exam/store'
import type { Bench } from './use-bench'

/** How the remaining tests are put in order, and the way to another. Choosing gives up an order made by hand. */
export function PlanChoice({ bench }: { readonly bench: Bench }) {
  const { exam } = useExam()
  if (exam.signed) return null
  const mode = PLAN_MODES.find((m) => m.id === exam.mode)
  return (
    <button
      type="button"
      title={mode?.says}
      onClick={() => bench.open('plan')}
      className="mt-2 flex min-h-14 w-full items-center gap-2 rounded-card border border-edge bg-dust px-4 text-left text-[15px]"
    >
      <span className="text-ash">Plan</span> {mode?.name}
      {exam.order.length > 0 && <span className="text-ash">, own order</span>}
      <span className="ml-auto">
        <CommandKey of="plan" />
      </span>
    </button>
  )
}
