import type { Problem } from '@/core/vocabulary/problem'

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
        <button type="button" onClick={onClose} className="ml-auto min-h-11 rounded-card border border-hair px-4">
          Understood
        </button>
      )}
    </div>
  )
}
