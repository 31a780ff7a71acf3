import { asksNow } from '@/core/bench/asks-now'
import type { Unasked } from '@/core/safety/gate-zero'
import { CONSENT_WORDS } from '@/ui/exam/consent-words'
import type { Bench } from './use-bench'

/** Answer what is asked before the test: consent, or the question in hand. Nothing is consent but a yes. */
export function said(bench: Bench, unasked: Unasked, answer: 'yes' | 'no') {
  const now = asksNow(unasked)
  if (now.kind === 'question') bench.input({ do: 'screen', item: now.item.id, answer })
  else if (answer === 'yes') bench.input({ do: 'consent', form: 'verbal', explained: CONSENT_WORDS })
}

export function askedByLetter(key: string, bench: Bench, unasked: Unasked) {
  if (!unasked.consent && unasked.groups.length === 0) return
  const now = asksNow(unasked)
  if (key === 'y' || key === 'n') said(bench, unasked, key === 'y' ? 'yes' : 'no')
  else if (key === 'w' && now.kind === 'consent') bench.input({ do: 'consent', form: 'written', explained: CONSENT_WORDS })
  else if (key === 'r' && now.kind === 'question' && !now.group.singly) bench.input({ do: 'screen-rest', group: now.group.id, items: now.rest })
}
