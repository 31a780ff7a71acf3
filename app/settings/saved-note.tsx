import type { Saving } from './use-saving'

/** Says how the last save went; nothing before the first. */
export function SavedNote({ saving }: { readonly saving: Saving }) {
  const { state, problem } = saving
  return (
    <p role="status" className="min-h-6 text-[15px]">
      {state === 'saving' && <span className="text-ash">Saving.</span>}
      {state === 'saved' && <span className="text-ash">Saved.</span>}
      {problem && (
        <span className="text-halt">
          {problem.what} {problem.kept} {problem.do}
        </span>
      )}
    </p>
  )
}
