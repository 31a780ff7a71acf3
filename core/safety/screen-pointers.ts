import type { Exam } from '../record/exam'
import { SCREEN, type ScreenItemId } from '../story/screen'
import type { SourceId } from '../vocabulary/source'

/** Answers of the screen that point to a source for referral: at least so many of these. */
const POINTS: readonly { readonly source: SourceId; readonly atLeast: number; readonly of: readonly ScreenItemId[]; readonly urgency: string }[] = [
  { source: 'cord', atLeast: 1, of: ['neck-shocks', 'clumsy-hands', 'unsteady', 'stiff-legs', 'both-arms'], urgency: 'urgent referral' },
  {
    source: 'neck-artery',
    atLeast: 1,
    of: ['dizzy', 'double-vision', 'drop-attack', 'speech', 'swallowing', 'nausea', 'face-numb', 'eyes-flicker', 'eyelid', 'ataxia', 'worst-headache'],
    urgency: 'medical assessment today, or an emergency',
  },
  {
    source: 'inflammatory',
    atLeast: 2,
    of: ['slow-start-young', 'stiff-morning', 'better-moving', 'wakes-late', 'buttocks-in-turn', 'eye-skin-bowel'],
    urgency: 'rheumatology; provocation tests do not decide it',
  },
  { source: 'visceral', atLeast: 1, of: ['inner-organ', 'pulsing'], urgency: 'medical review' },
]

/** What the screen itself points to, for referral: the reason with its urgency; null where it points nowhere. */
export function screenPointer(source: SourceId, { screen }: Pick<Exam, 'screen'>): string | null {
  const rule = POINTS.find((p) => p.source === source)
  const yes = rule?.of.filter((item) => screen[item] === 'yes') ?? []
  if (!rule || yes.length < rule.atLeast) return null
  const asked = SCREEN.flatMap((group) => group.items)
  const words = yes.map((id) => asked.find((item) => item.id === id)?.ask.replace(/[?]$/, '') ?? id)
  return `${words.join('; ')}: ${rule.urgency}`
}
