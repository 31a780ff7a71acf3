import type { RuleVerdict } from '@/core/clusters/verdict'
import { partsOf } from '@/core/logic/open-leaves'
import type { Truth } from '@/core/vocabulary/truth'

/** One item of a rule: filled when it came true, struck when it did not, dotted while it is open. */
export function RulePip({ truth, colour, size = 13 }: { readonly truth: Truth; readonly colour: string; readonly size?: number }) {
  return (
    <svg width={size} height={size} viewBox="0 0 13 13" className="shrink-0" aria-hidden="true">
      <rect
        x="1"
        y="1"
        width="11"
        height="11"
        rx="3"
        fill={truth === 'true' ? colour : 'none'}
        stroke={truth === 'open' ? 'var(--ash)' : colour}
        strokeWidth="1.5"
        strokeDasharray={truth === 'open' ? '1.6 1.6' : undefined}
      />
      {truth === 'false' && <path d="M3 3l7 7" stroke={colour} strokeWidth="1.6" />}
    </svg>
  )
}

/** The items of a rule side by side. */
export function RulePips({ rule, colour }: { readonly rule: RuleVerdict; readonly colour: string }) {
  return (
    <span className="inline-flex gap-1" aria-hidden="true">
      {partsOf(rule.tree).map((part, i) => (
        <RulePip key={i} truth={part.truth} colour={colour} />
      ))}
    </span>
  )
}
