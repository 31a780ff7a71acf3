'use client'

import { useExam } from '@/ui/exam/store'
import { CONSENT_WORDS } from '@/ui/exam/consent-words'
import { Button } from '@/ui/button'

const SAID = {
  'not-asked': 'Not asked yet.',
  verbal: 'Given verbally.',
  written: 'Given in writing.',
  withdrawn: 'Withdrawn. No test can start until it is given again.',
} as const

/** Consent to being tested: asked at the start, withdrawn at any time. */
export function ConsentCard() {
  const { exam, record } = useExam()
  const given = exam.consent === 'verbal' || exam.consent === 'written'
  return (
    <section aria-label="Consent to testing" className="rounded-card border border-hair bg-sheet px-5 py-4">
      <h2 className="text-lg">Consent to testing</h2>
      <p className="mt-1">Say: “{CONSENT_WORDS}”</p>
      <div className="mt-3 flex flex-wrap items-center gap-3">
        <p className={`mr-auto font-semibold ${exam.consent === 'withdrawn' ? 'text-halt' : ''}`}>{SAID[exam.consent]}</p>
        {!exam.signed && !given && (
          <>
            <Button onClick={() => record([{ type: 'consent-given', form: 'verbal', explained: CONSENT_WORDS }])} look="strong">
              Agreed, verbally
            </Button>
            <Button onClick={() => record([{ type: 'consent-given', form: 'written', explained: CONSENT_WORDS }])}>Agreed, in writing</Button>
          </>
        )}
        {!exam.signed && given && (
          <button type="button" onClick={() => record([{ type: 'consent-withdrawn' }])} className="min-h-11 rounded-card border border-halt px-4 text-halt">
            Withdrawn
          </button>
        )}
      </div>
    </section>
  )
}
