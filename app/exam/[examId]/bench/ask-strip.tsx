'use client'

import type { ReactNode } from 'react'
import { isToldOtherwise } from '@/core/story/told-otherwise'
import { asksNow } from '@/core/bench/asks-now'
import type { Unasked } from '@/core/safety/gate-zero'
import { counted } from '@/core/vocabulary/sentence'
import { useExam } from '@/ui/exam/store'
import { CONSENT_WORDS } from '@/ui/exam/consent-words'
import type { Bench } from './use-bench'
import { Big, QuestionStrip } from '@/ui/exam/question-strip'

interface Props {
  readonly bench: Bench
  readonly unasked: Unasked
  readonly label?: string
  /** What the questions are for: "before this test", "open". */
  readonly why?: string
  readonly children?: ReactNode
}

/** What has to be asked before the test in hand may start, one key each; then the bench goes on where it was. */
export function AskStrip({ bench, unasked, label = 'Ask first', why = 'before this test', children }: Props) {
  const { exam } = useExam()
  const now = asksNow(unasked)
  const left = unasked.groups.reduce((n, g) => n + g.items.length, 0)
  if (now.kind === 'consent') {
    return (
      <div role="group" aria-label="Consent to testing" className="flex flex-wrap items-center gap-3 px-6 py-3">
        <p className="mr-2 max-w-2xl grow">
          <span className="block font-semibold">
            {exam.consent === 'withdrawn' ? 'Consent was withdrawn: no test can start.' : 'Consent to testing is not recorded yet.'} Say:
          </span>
          <span className="font-serif italic">“{CONSENT_WORDS}”</span>
        </p>
        <Big onGive={() => bench.input({ do: 'consent', form: 'verbal', explained: CONSENT_WORDS })} keyName="Enter" main>
          Agreed, verbally
        </Big>
        <Big onGive={() => bench.input({ do: 'consent', form: 'written', explained: CONSENT_WORDS })} keyName="W">
          In writing
        </Big>
      </div>
    )
  }
  const { group, item, rest } = now
  const together = group.singly ? [] : rest
  return (
    <div role="group" aria-label={label} className="flex flex-wrap items-center gap-3 px-6 py-3">
      <QuestionStrip
        group={group.name}
        ask={item.ask}
        item={item.id}
        progress={`${counted(left, 'question')} ${why}.${isToldOtherwise(item.id, exam) ? ' The story speaks of it: ask once more.' : ''}`}
        rest={together}
        onAnswer={(answer) => bench.input({ do: 'screen', item: item.id, answer })}
        onRest={() => bench.input({ do: 'screen-rest', group: group.id, items: rest })}
        onElsewhere={(why) => bench.input({ do: 'elsewhere', group: group.id, why })}
      >
        {together.length > 1 && (
          <ul className="basis-full text-sm text-ash">
            {group.items
              .filter((i) => rest.includes(i.id))
              .slice(1)
              .map((i) => (
                <li key={i.id} className="mr-3 inline">
                  {i.ask}
                </li>
              ))}
          </ul>
        )}
        {children}
      </QuestionStrip>
    </div>
  )
}
