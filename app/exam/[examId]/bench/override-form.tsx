'use client'

import { type Finding, RESULT_WORDS } from '@/core/findings/finding'
import { useExam } from '@/ui/exam/store'
import { ReasonForm } from './reason-form'

const RESULTS = (['positive', 'negative', 'inconclusive'] as const).map((id) => ({ id, words: RESULT_WORDS[id] }))

/** Give a finished test another result than the one derived, with a reason. Both stay on the record. */
export function OverrideForm({ finding }: { readonly finding: Finding }) {
  const { record } = useExam()
  return (
    <ReasonForm
      open="Set another result"
      choice="Result"
      reason="Reason for the other result"
      placeholder="Your reason; both results stay on the record"
      options={RESULTS}
      first="inconclusive"
      onKeep={(result, why) => record([{ type: 'finding-overridden', run: finding.run, about: finding.about, result, why }])}
    />
  )
}
