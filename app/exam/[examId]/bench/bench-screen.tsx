'use client'

import { useState } from 'react'
import Link from 'next/link'
import { useHotkeys } from 'react-hotkeys-hook'
import { offeredWords, placesOffered } from './places-offered'
import { AnswerBar } from './answer-bar'
import { BenchBoard } from './bench-board'
import { ConfirmStrip } from './confirm-strip'
import { GoDialog } from './go-dialog'
import { HandCard } from './hand-card'
import { KeysDialog } from './keys-dialog'
import { Ladder } from './ladder'
import { mnemonics } from '@/ui/mnemonics'
import { PostureTrack } from './posture-track'
import { type Bench, useBench } from './use-bench'
import { closedGates } from '@/core/safety/safety'
import { GatePanel } from '@/ui/exam/gate-panel'
import { useExam } from '@/ui/exam/store'

/** The heart: one test in hand, the board beside it, four answers under it. */
export function BenchScreen() {
  const bench = useBench()
  const { exam, record } = useExam()
  const [keys, setKeys] = useState(false)
  const [going, setGoing] = useState(false)
  useBenchKeys(
    bench,
    keys || going,
    () => setKeys(true),
    () => setGoing(true),
  )
  const halts = closedGates(exam).filter((c) => c.gate.strength === 'halt' && c.opened === null)
  const asks = exam.consent === 'not-asked' || exam.consent === 'withdrawn'
  return (
    <main className="flex min-h-0 flex-1 flex-col text-[17px]">
      <h1 className="sr-only">Bench</h1>
      <PostureTrack bench={bench} onGo={() => setGoing(true)} onKeys={() => setKeys(true)} />
      <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_13.5rem_24.5rem]">
        {exam.signed ? (
          <Quiet title="Signed" words="This examination takes only addenda now." href={`/exam/${exam.id}/note`} link="To the note" />
        ) : bench.inHand ? (
          <>
            <HandCard bench={bench} inHand={bench.inHand} />
            <Ladder inHand={bench.inHand} onVariant={bench.changeVariant} />
          </>
        ) : halts.length > 0 ? (
          <section className="col-span-2 self-start px-6 py-5">
            <h2 className="text-2xl">Testing has stopped</h2>
            {halts.map((closed) => (
              <GatePanel key={closed.gate.id} closed={closed} />
            ))}
          </section>
        ) : (
          <Quiet
            title="Nothing left here would change the picture"
            words="Every planned test is settled. Any test can still be done: press G."
            href={`/exam/${exam.id}/weigh`}
            link="Weigh it"
          />
        )}
        <BenchBoard bench={bench} />
      </div>
      <div className="border-t border-hair bg-sheet">
        {bench.hint && (
          <p role="alert" className="px-6 pt-2 font-semibold text-lantern-text">
            {bench.hint}
          </p>
        )}
        {asks && !exam.signed && (
          <p className="flex items-center gap-4 px-6 pt-2">
            <span className={exam.consent === 'withdrawn' ? 'font-semibold text-halt' : ''}>
              {exam.consent === 'withdrawn' ? 'Consent was withdrawn: no test can start.' : 'Consent to testing is not recorded yet.'}
            </span>
            <button
              type="button"
              onClick={() => record([{ type: 'consent-given', form: 'verbal' }])}
              className="min-h-11 rounded-card border border-ink px-4 font-semibold"
            >
              Agreed, verbally
            </button>
          </p>
        )}
        {bench.pending && bench.inHand ? <ConfirmStrip bench={bench} pending={bench.pending} inHand={bench.inHand} /> : <AnswerBar bench={bench} />}
      </div>
      <KeysDialog open={keys} onOpenChange={setKeys} />
      <GoDialog open={going} onOpenChange={setGoing} onChoose={bench.choose} />
    </main>
  )
}

interface QuietProps {
  readonly title: string
  readonly words: string
  readonly href: string
  readonly link: string
}

function Quiet({ title, words, href, link }: QuietProps) {
  return (
    <section className="col-span-2 self-center px-10">
      <h2 className="text-2xl">{title}</h2>
      <p className="mt-2 text-ash">{words}</p>
      <Link href={href} className="mt-5 inline-flex min-h-14 items-center rounded-card bg-ink px-6 font-semibold text-dust">
        {link}
      </Link>
    </section>
  )
}

/** Leaves a focused button, link or field its own Enter and Space. */
const ownsKey = (e: KeyboardEvent) => e.target instanceof HTMLElement && e.target.closest('a, button, input, select, textarea, [role=dialog]') !== null
/** Typing into a field is never an answer. */
const typing = (e: KeyboardEvent) => e.target instanceof HTMLElement && e.target.closest('input, select, textarea, [role=dialog]') !== null

function useBenchKeys(bench: Bench, dialogOpen: boolean, showKeys: () => void, go: () => void) {
  const { exam } = useExam()
  const { inHand, pending } = bench
  const kind = inHand?.stage.kind
  const enabled = !dialogOpen && !exam.signed
  const act = { enabled, preventDefault: true, ignoreEventWhen: ownsKey }
  const letter = { enabled, preventDefault: true, ignoreEventWhen: typing }
  const quiet = () => {
    if (kind === 'load') bench.answer('nothing')
    else bench.answer(kind === 'release' ? 'unchanged' : 'stayed-away')
  }
  const loud = () => {
    if (pending) bench.confirm()
    else if (kind === 'load') bench.ask('familiar')
    else if (kind) bench.answer(kind === 'release' ? 'eased' : 'returned')
  }
  useHotkeys('space, pagedown', () => !pending && inHand && quiet(), act, [bench])
  useHotkeys('enter, pageup', loud, act, [bench])
  useHotkeys('escape, period', bench.stop, letter, [bench])
  useHotkeys('backspace', bench.back, letter, [bench])
  useHotkeys('bracketleft', () => bench.changeSide('left'), letter, [bench])
  useHotkeys('bracketright', () => bench.changeSide('right'), letter, [bench])
  useHotkeys('up', () => pending && bench.change({ intensity: Math.min(10, pending.intensity + 1) }), letter, [bench])
  useHotkeys('down', () => pending && bench.change({ intensity: Math.max(0, pending.intensity - 1) }), letter, [bench])
  // Letters mean places while something is being confirmed, and moves of the bench otherwise.
  useHotkeys(
    'a,b,c,d,e,f,g,h,i,j,k,l,m,n,o,p,q,r,s,t,u,v,w,x,y,z',
    (_, hotkey) => {
      const key = hotkey.keys?.join('') ?? ''
      if (pending && inHand) choosePlace(bench, key, exam)
      else if (key === 's' && kind === 'load') bench.answer('stretch')
      else if (key === 'e' && kind === 'load') bench.ask('other')
      else if (key === 'a') bench.measure()
      else if (key === 'l') bench.toggleLean()
      else if (key === 'n') bench.takeSuggested()
      else if (key === 'g') go()
    },
    letter,
    [bench],
  )
  useHotkeys('0,1,2,3,4,5,6,7,8,9', (_, hotkey) => bench.type(hotkey.keys?.join('') ?? ''), letter, [bench])
  useHotkeys('shift+slash', showKeys, { enabled: !dialogOpen, preventDefault: true, ignoreEventWhen: typing })
}

function choosePlace(bench: Bench, key: string, exam: ReturnType<typeof useExam>['exam']) {
  const { pending, inHand } = bench
  if (!pending || !inHand) return
  if (key === 's') {
    const at = exam.symptoms.findIndex((s) => s.id === pending.symptom)
    const next = exam.symptoms[(at + 1) % exam.symptoms.length]
    if (next) bench.change({ symptom: next.id, places: [] })
    return
  }
  if (key === 'x') {
    bench.change({ placeUnknown: !pending.placeUnknown, places: [] })
    return
  }
  const symptom = exam.symptoms.find((s) => s.id === pending.symptom)
  const offered = placesOffered(inHand.test, inHand.side, symptom)
  const place = offered[mnemonics(offered.map((place) => offeredWords(place, inHand.side))).indexOf(key)]
  if (!place) return
  const places = pending.places.includes(place) ? pending.places.filter((p) => p !== place) : [...pending.places, place]
  bench.change({ places, placeUnknown: false })
}
