'use client'

import type { IntimateRegion } from '@/core/catalogue/exam-test'
import { Key } from '@/ui/key'
import type { Bench } from './use-bench'
import { focusCard } from '@/ui/exam/give-focus'

const REGION_WORDS: Record<IntimateRegion, string> = {
  pubic: 'the pubic bone',
  groin: 'the groin',
  sacral: 'the sacrum',
  abdomen: 'the belly',
  'rib-margin': 'the costal margin',
  undressing: '',
}

/** Before contact with an intimate region consent is asked again and a chaperone is offered; a no leaves the test out. */
export function ConsentStrip({ bench, region }: { readonly bench: Bench; readonly region: IntimateRegion }) {
  const give = (answer: 'agreed' | 'refused', chaperone: 'declined' | 'present') => () => {
    focusCard()
    bench.input({ do: 'renew', answer, chaperone })
  }
  const look = 'min-h-[68px] rounded-card border-2 px-4 text-lg font-semibold'
  return (
    <div role="group" aria-label="Consent for this contact" className="flex flex-wrap items-center gap-3 px-6 py-3">
      <p className="min-w-72 flex-1">
        {region === 'undressing' ? 'For this test the back is bared.' : `This test touches ${REGION_WORDS[region]}.`} Ask again, and offer somebody to be
        present: <span className="font-serif italic">“Is that all right with you?”</span>
      </p>
      <button type="button" onClick={give('agreed', 'declined')} className={`${look} grow border-ink bg-ink text-dust lg:grow-0`}>
        Agreed, nobody wanted <Key>Space</Key>
      </button>
      <button type="button" onClick={give('agreed', 'present')} className={`${look} grow border-ink lg:grow-0`}>
        Agreed, somebody present <Key>Enter</Key>
      </button>
      <button type="button" onClick={give('refused', 'declined')} className={`${look} border-halt text-halt`}>
        No: leave it out <Key>X</Key>
      </button>
    </div>
  )
}
