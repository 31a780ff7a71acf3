'use client'

import { type ReactNode, useEffect, useRef, useState } from 'react'
import Link from 'next/link'
import { testById } from '@/core/catalogue'
import { instruct } from '@/core/catalogue/exam-test'
import { nearSide } from '@/core/bench/places-offered'
import { openRules } from '@/core/planner/open-rules'
import { entryWords } from '@/core/note/entry-words'
import { stepKey } from '@/core/planner/route'
import { CommandKey } from '@/ui/exam/command-key'
import { ScreenTitle } from '@/ui/screen-title'
import { SkipLink } from '@/ui/skip-link'
import { Announcer } from './announcer'
import { AsideStrip } from './aside-strip'
import { AskStrip } from './ask-strip'
import { AnswerBar } from './answer-bar'
import { BenchBoard } from './bench-board'
import { ConfirmStrip } from './confirm-strip'
import { ConsentStrip } from './consent-strip'
import { ElsewhereDialog } from './elsewhere-dialog'
import { GoDialog } from './go-dialog'
import { HaltPanel } from './halt-panel'
import { HandCard } from './hand-card'
import { KeysDialog } from './keys-dialog'
import { Ladder } from './ladder'
import { MoreStrip } from './more-strip'
import { PairDialog } from './pair-dialog'
import { PostureTrack } from './posture-track'
import { QuestionsStrip } from './questions-strip'
import { TreatmentStrip } from './treatment-strip'
import { useAutoHold } from './use-auto-hold'
import { type Bench, useBench } from './use-bench'
import { useBenchKeys } from './use-bench-keys'
import { useRest } from './use-rest'
import { useSettling } from './use-settling'
import { useVoice } from './use-voice'
import { haltsOf } from '@/core/safety/safety'
import { counted } from '@/core/vocabulary/sentence'
import { isTestSide } from '@/core/vocabulary/side'
import { focusCard } from '@/ui/exam/give-focus'
import { useHands } from '@/ui/exam/hands'
import { useExam } from '@/ui/exam/store'
import { fetched } from '@/ui/fetched'
import { usePractice } from '@/ui/practice/context'

const PatientStrip = fetched(() => import('./patient-strip').then((m) => m.PatientStrip))

/** The heart: one test in hand, the board beside it, four answers under it. */
export function BenchScreen() {
  const bench = useBench()
  const { exam, assessment, foreign, entries, at } = useExam()
  const [keys, setKeys] = useState(false)
  const [going, setGoing] = useState(false)
  const [pairing, setPairing] = useState(false)
  const [elsewhere, setElsewhere] = useState(false)
  const [hands, setHands] = useHands()
  const rest = useRest(exam)
  const settling = useSettling(exam)
  const { inHand } = bench
  const practice = usePractice()
  const halts = haltsOf(exam)
  const stopped = !exam.signed && halts.length > 0 && (inHand?.contraindicated !== null || !bench.chosen)
  useBenchKeys(bench, keys || going || pairing || elsewhere, {
    elsewhere: () => setElsewhere(true),
    showKeys: () => setKeys(true),
    go: () => setGoing(true),
    // A person who is made up presses no bell.
    pair: practice ? () => undefined : () => setPairing(true),
    toggleVoice: () => setHands({ voice: !hands.voice }),
    // The header's own link, so that the window goes there as it does by hand.
    weigh: () => document.querySelector<HTMLAnchorElement>('nav a[href$="/weigh"]')?.click(),
    letter: stopped ? () => document.getElementById('to-letter')?.click() : null,
  })
  useAskedFor(bench)
  useAutoHold(bench, hands.autoHold)
  useVoice(hands.voice, inHand ? `${instruct(inHand.stage.do, inHand.side)} ${inHand.stage.ask}` : '')
  return (
    <main className="flex min-h-0 flex-1 flex-col overflow-y-auto text-[17px] lg:overflow-hidden">
      <ScreenTitle className="sr-only">Bench</ScreenTitle>
      <SkipLink words="Skip to the answers" />
      <Announcer bench={bench} />
      <PostureTrack bench={bench} onGo={() => setGoing(true)} onKeys={() => setKeys(true)} onPair={practice ? null : () => setPairing(true)} />
      <div className="grid grid-cols-[minmax(0,1fr)] lg:min-h-0 lg:flex-1 lg:grid-cols-[minmax(0,1fr)_13.5rem_24.5rem]">
        {exam.signed ? (
          <Quiet title="Signed" words="This examination takes only addenda now." href={at('note')} link="To the note" />
        ) : stopped ? (
          <HaltPanel bench={bench} halts={halts} inHand={inHand} />
        ) : inHand ? (
          <>
            <HandCard bench={bench} inHand={inHand} />
            <Ladder inHand={inHand} onOpen={bench.open} onMove={(by) => bench.input({ do: 'move', by })} />
          </>
        ) : (
          <Quiet
            title="Nothing left here would change the picture"
            words={
              <>
                Every planned test is settled. Any test can still be done, by its name: <CommandKey of="go" />
              </>
            }
            href={at('weigh')}
            link="Weigh it"
          />
        )}
        {!stopped && <BenchBoard bench={bench} />}
      </div>
      <div className="sticky bottom-0 z-10 border-t border-hair bg-sheet">
        {bench.hint && (
          <p role="alert" className="px-6 pt-2 font-semibold text-lantern-text">
            {bench.hint}
          </p>
        )}
        {foreign && (
          <p role="status" className="px-4 pt-2 sm:px-6">
            <strong>Recorded in another window:</strong> {entryWords(foreign, entries())}. What stands here is up to date with it.
          </p>
        )}
        {settling && !exam.signed && (
          <p role="status" className="px-6 pt-2">
            <strong>Five minutes since {settling} was raised.</strong> How strong is it now? <CommandKey of="rate" />
          </p>
        )}
        {bench.waiting > 0 && !exam.signed && !bench.chosen && (exam.treatments.length > 0 || exam.episode) && (
          <p role="status" className="px-6 pt-2">
            <strong>{exam.treatments.length > 0 ? `After treatment ${exam.treatments.length}.` : 'Recheck.'}</strong>{' '}
            {counted(bench.waiting, 'comparable sign')} to measure again: <CommandKey of="recheck" />
          </p>
        )}
        {rest > 0 && (
          <p role="status" className="px-6 pt-2">
            <strong>Rest.</strong> Easily stirred up: {rest} s before the next provocation.
          </p>
        )}
        {practice && inHand && !stopped && !inHand.unasked && !inHand.asksFor && <PatientStrip bench={bench} inHand={inHand} />}
        {exam.signed ? null : bench.aside === 'questions' ? (
          <QuestionsStrip bench={bench} />
        ) : bench.aside === 'more' ? (
          <MoreStrip bench={bench} />
        ) : bench.aside === 'treatment' ? (
          <TreatmentStrip
            onKeep={(treatment) => {
              focusCard()
              bench.input({ do: 'treat', treatment })
            }}
            onBack={() => bench.open(null)}
          />
        ) : bench.aside ? (
          <AsideStrip bench={bench} aside={bench.aside} />
        ) : !stopped && inHand?.unasked ? (
          <AskStrip bench={bench} unasked={inHand.unasked} />
        ) : !stopped && inHand?.asksFor ? (
          <ConsentStrip bench={bench} region={inHand.asksFor} />
        ) : bench.pending && inHand ? (
          <ConfirmStrip bench={bench} pending={bench.pending} inHand={inHand} onElsewhere={() => setElsewhere(true)} />
        ) : (
          <AnswerBar bench={bench} />
        )}
      </div>
      <KeysDialog open={keys} onOpenChange={setKeys} />
      <PairDialog open={pairing} onOpenChange={setPairing} bench={bench} />
      <ElsewhereDialog open={elsewhere && bench.pending !== null} onOpenChange={setElsewhere} bench={bench} />
      <GoDialog
        open={going}
        onOpenChange={setGoing}
        planned={bench.route
          .flatMap((leg) => leg.steps)
          .filter((s) => s.state === 'open' || s.state === 'under-way')
          .map(stepKey)}
        near={nearSide('none', exam)}
        rules={going ? openRules(assessment, nearSide('none', exam)) : []}
        onChooseAll={(pairs) => bench.input({ do: 'choose-all', pairs })}
        onChoose={(test, side) => bench.input({ do: 'choose', test: test.id, side })}
      />
    </main>
  )
}

/** What another screen asks the bench for by its address: the next sign, one sign, or what was treated. Asked once. */
function useAskedFor(bench: Bench): void {
  const latest = useRef(bench)
  useEffect(() => {
    latest.current = bench
  })
  useEffect(() => {
    const asked = window.location.hash.slice(1)
    if (!asked.startsWith('recheck')) return
    window.history.replaceState(window.history.state, '', `${window.location.pathname}${window.location.search}`)
    const [, id = '', side = ''] = asked.split('=').flatMap((part) => part.split('.'))
    const test = testById(id)
    if (test && isTestSide(side)) latest.current.input({ do: 'choose', test: test.id, side })
    else latest.current.input({ do: 'recheck' })
  }, [])
}

interface QuietProps {
  readonly title: string
  readonly words: ReactNode
  readonly href: string
  readonly link: string
}

function Quiet({ title, words, href, link }: QuietProps) {
  return (
    <section className="self-center px-4 py-6 lg:col-span-2 lg:px-10">
      <h2 className="text-2xl">{title}</h2>
      <p className="mt-2 text-ash">{words}</p>
      <Link href={href} className="mt-5 inline-flex min-h-14 items-center rounded-card bg-ink px-6 font-semibold text-dust">
        {link}
      </Link>
    </section>
  )
}
