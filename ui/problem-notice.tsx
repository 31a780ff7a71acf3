import type { Problem } from '@/core/vocabulary/problem'
import { Button } from './button'

/** Tells what happened, what was kept and what to do, where the eye is; it never blocks the screen. */
export function ProblemNotice({ problem, onClose }: { readonly problem: Problem; readonly onClose?: () => void }) {
  return (
    <div role="alert" className="flex items-start gap-4 rounded-card border-2 border-halt bg-sheet px-4 py-3">
      <div>
        <p className="font-semibold text-halt">{problem.what}</p>
        <p>
          {problem.kept} {problem.do}
        </p>
      </div>
      {onClose && (
        <Button onClick={onClose} className="ml-auto">
          Understood
        </Button>
      )}
    </div>
  )
}
