'use client'

import { useHotkeys } from 'react-hotkeys-hook'
import type { Exam } from '@/core/record/exam'
import { useExam } from '@/ui/exam/store'
import { isBounce } from '@/ui/exam/bounce'
import { keysOf, useHands } from '@/ui/exam/hands'
import { asideChoices } from './aside-choices'
import { asksNow } from '@/core/bench/asks-now'
import { PLACE_KEYS } from '@/core/bench/place-keys'
import { placeOfKey, placesOffered } from '@/core/bench/places-offered'
import type { Pending } from '@/core/bench/state'
import type { Unasked } from '@/core/safety/gate-zero'
import { QUALITIES } from '@/core/vocabulary/quality'
import { CONSENT_WORDS } from '@/ui/exam/consent-words'
import type { Bench } from './use-bench'

/** Leaves a focused button, link or field its own Enter and Space. A held or bouncing key gives one answer. */
const ownsKey = (e: KeyboardEvent) =>
  isBounce(e) || (e.target instanceof HTMLElement && e.target.closest('a, button, input, select, textarea, [role=dialog]') !== null)
/** Typing into a field is never an answer. */
const typing = (e: KeyboardEvent) => isBounce(e) || (e.target instanceof HTMLElement && e.target.closest('input, select, textarea, [role=dialog]') !== null)

/** Places of the other side. */
const SHIFTED = [...new Set(Object.values(PLACE_KEYS))].map((l) => `shift+${l}`).join(',')

interface Others {
  /** Open the body chart for a place that is not offered. */
  readonly elsewhere: () => void
  readonly showKeys: () => void
  readonly go: () => void
  readonly pair: () => void
  readonly toggleVoice: () => void
}

/** Every key of the bench; four of them, and a pedal's, are enough for a whole examination. */
export function useBenchKeys(bench: Bench, dialogOpen: boolean, others: Others) {
  const { exam } = useExam()
  const [{ pedal }] = useHands()
  const enabled = !dialogOpen && !exam.signed
  const act = { enabled, preventDefault: true, ignoreEventWhen: ownsKey }
  const letter = { enabled, preventDefault: true, ignoreEventWhen: typing }
  const pedalled = { enabled, preventDefault: true, ignoreEventWhen: typing }
  const next = () => quiet(bench)
  const own = () => loud(bench)
  useHotkeys('space, pagedown', next, act, [bench])
  useHotkeys('enter, pageup', own, act, [bench])
  useHotkeys('escape', bench.cancel, letter, [bench])
  // The character, wherever it lies on the keyboard.
  useHotkeys('.', bench.stop, { ...letter, useKey: true }, [bench])
  useHotkeys(pedal.stop || 'f22', bench.stop, pedalled, [bench, pedal])
  useHotkeys(keysOf('backspace', pedal.back), bench.back, letter, [bench, pedal])
  useHotkeys('shift+backspace', bench.redo, letter, [bench])
  useHotkeys(pedal.next || 'f23', next, pedalled, [bench, pedal])
  useHotkeys(pedal.own || 'f24', own, pedalled, [bench, pedal])
  useHotkeys('bracketleft', () => bench.input({ do: 'change-side', side: 'left' }), letter, [bench])
  useHotkeys('bracketright', () => bench.input({ do: 'change-side', side: 'right' }), letter, [bench])
  useHotkeys('shift+left', () => bench.input({ do: 'move', by: -1 }), letter, [bench])
  useHotkeys('shift+right', () => bench.input({ do: 'move', by: 1 }), letter, [bench])
  useHotkeys(
    'up',
    () => (bench.pending ? bench.change({ intensity: Math.min(10, bench.pending.intensity + 1) }) : bench.table.move({ rows: -1, columns: 0 })),
    letter,
    [bench],
  )
  useHotkeys(
    'down',
    () => (bench.pending ? bench.change({ intensity: Math.max(0, bench.pending.intensity - 1) }) : bench.table.move({ rows: 1, columns: 0 })),
    letter,
    [bench],
  )
  useHotkeys('left', () => sideways(bench, -1), letter, [bench])
  useHotkeys('right', () => sideways(bench, 1), letter, [bench])
  // Letters mean places while something is being confirmed, and moves of the bench otherwise.
  useHotkeys('a,b,c,d,e,f,g,h,i,j,k,l,m,n,o,p,q,r,s,t,u,v,w,x,y,z', (_, hotkey) => byLetter(hotkey.keys?.join('') ?? '', bench, exam, others), letter, [bench])
  useHotkeys(
    SHIFTED,
    (_, hotkey) => choosePlace(bench, hotkey.keys?.join('') ?? '', true, exam, others),
    { ...letter, enabled: enabled && bench.pending !== null },
    [bench],
  )
  useHotkeys('0,1,2,3,4,5,6,7,8,9', (_, hotkey) => byDigit(hotkey.keys?.join('') ?? '', bench), letter, [bench])
  useHotkeys('shift+slash', others.showKeys, { enabled: !dialogOpen, preventDefault: true, ignoreEventWhen: typing })
}

/** The cell beside this one, or another part to let go. */
function sideways(bench: Bench, by: 1 | -1) {
  if (bench.parts.all.length > 1) bench.input({ do: 'turn-part', by })
  else bench.table.move({ rows: 0, columns: by })
}

/** Space: nothing, no change, the first choice, another trial, the usual value. */
function quiet(bench: Bench) {
  const { inHand, pending, aside, table } = bench
  if (!inHand || aside) return
  if (inHand.unasked) {
    said(bench, inHand.unasked, 'no')
    return
  }
  if (pending) {
    bench.input({ do: 'next-place' })
    return
  }
  if (inHand.asksFor) {
    bench.input({ do: 'renew', answer: 'agreed', chaperone: 'declined' })
    return
  }
  switch (inHand.stage.kind) {
    case 'load': {
      bench.answer('nothing')
      return
    }
    case 'release':
    case 'relief': {
      bench.answer('unchanged')
      return
    }
    case 'return': {
      bench.answer('stayed-away')
      return
    }
    case 'observe': {
      bench.observe(inHand.stage.choices?.[0]?.id ?? '')
      return
    }
    case 'measure': {
      if (bench.typed === '' && bench.live === null) bench.measure()
      else bench.addTrial()
      return
    }
    case 'grid': {
      const here = table.all[table.at]
      if (!here) return
      if (table.full) {
        bench.keepTable()
        return
      }
      if (table.cells[here.id] === undefined) table.move('usual')
      else table.move('first-empty')
    }
  }
}

/** Enter: own pain, it eases, the second choice, keep. */
function loud(bench: Bench) {
  const { inHand, pending, aside, table } = bench
  if (!inHand || aside) return
  if (inHand.run && inHand.barred?.gate.strength === 'halt') {
    bench.input({ do: 'end-halted' })
    return
  }
  if (inHand.unasked) {
    said(bench, inHand.unasked, 'yes')
    return
  }
  if (inHand.asksFor) {
    bench.input({ do: 'renew', answer: 'agreed', chaperone: 'present' })
    return
  }
  if (pending) {
    bench.confirm()
    return
  }
  switch (inHand.stage.kind) {
    case 'load': {
      bench.ask('familiar')
      return
    }
    case 'release':
    case 'relief': {
      bench.answer('eased')
      return
    }
    case 'return': {
      bench.answer('returned')
      return
    }
    case 'observe': {
      bench.observe(inHand.stage.choices?.[1]?.id ?? '')
      return
    }
    case 'measure': {
      bench.keepMeasured()
      return
    }
    case 'grid': {
      if (table.full) bench.keepTable()
      else table.move('turn')
      return
    }
  }
}

/** Answer what is asked before the test: consent, or the question in hand. Nothing is consent but a yes. */
function said(bench: Bench, unasked: Unasked, answer: 'yes' | 'no') {
  const now = asksNow(unasked)
  if (now.kind === 'question') bench.input({ do: 'screen', item: now.item.id, answer })
  else if (answer === 'yes') bench.input({ do: 'consent', form: 'verbal', explained: CONSENT_WORDS })
}

function askedByLetter(key: string, bench: Bench, unasked: Unasked) {
  const now = asksNow(unasked)
  if (key === 'y' || key === 'n') said(bench, unasked, key === 'y' ? 'yes' : 'no')
  else if (key === 'w' && now.kind === 'consent') bench.input({ do: 'consent', form: 'written', explained: CONSENT_WORDS })
  else if (key === 'r' && now.kind === 'question' && !now.group.singly) bench.input({ do: 'screen-rest', group: now.group.id, items: now.rest })
}

function byLetter(key: string, bench: Bench, exam: Exam, others: Others) {
  const { inHand, pending, aside } = bench
  const kind = inHand?.stage.kind
  if (aside) {
    const chosen = asideChoices(aside, bench.rated).find((c) => c.key === key)
    if (chosen) bench.input(chosen.input)
    return
  }
  if (pending && inHand) {
    choosePlace(bench, key, false, exam, others)
    return
  }
  if (inHand?.unasked && ['y', 'n', 'r', 'w'].includes(key)) {
    askedByLetter(key, bench, inHand.unasked)
    return
  }
  if (inHand?.asksFor && key === 'x') {
    bench.input({ do: 'renew', answer: 'refused', chaperone: 'declined' })
    return
  }
  switch (key) {
    case 's':
      if (kind === 'load') bench.answer('stretch')
      return
    case 'e':
      if (kind === 'load') bench.ask('other')
      return
    case 'd':
      if (kind === 'relief') bench.answer('worse')
      return
    case 'x':
      if (kind === 'relief') bench.answer('nothing-to-relieve')
      return
    case 'p':
      if (kind === 'measure') bench.keepMeasured('own-pain')
      return
    case 'u':
      if (kind === 'grid') bench.table.move('rest-usual')
      return
    case 'h':
      if (kind === 'grid') bench.keepTable()
      return
    case 'f':
      bench.playForce()
      return
    case 'c':
      bench.playCuff()
      return
    case 'a': {
      bench.measure()
      return
    }
    case 'l': {
      bench.input({ do: 'toggle-lean' })
      return
    }
    case 'o': {
      bench.input({ do: 'turn-end-feel' })
      return
    }
    case 'i': {
      bench.input({ do: 'turn-pain-order' })
      return
    }
    case 't': {
      bench.toggleHold()
      return
    }
    case 'k': {
      bench.open('skip')
      return
    }
    case 'w': {
      bench.open('warning')
      return
    }
    case 'r': {
      bench.open('rate')
      return
    }
    case 'n': {
      bench.input({ do: 'take-suggested' })
      return
    }
    case 'g': {
      others.go()
      return
    }
    case 'b': {
      others.pair()
      return
    }
    case 'v': {
      others.toggleVoice()
      return
    }
  }
}

function byDigit(digit: string, bench: Bench) {
  const { aside, inHand } = bench
  if (aside) {
    const chosen = asideChoices(aside, bench.rated).find((c) => c.key === digit)
    if (chosen) bench.input(chosen.input)
    return
  }
  if (bench.pending) {
    detail(bench, bench.pending, Number(digit))
    return
  }
  if (!inHand || inHand.unasked || inHand.asksFor) return
  if (inHand.stage.kind === 'grid') bench.table.move({ digit })
  else if (inHand.stage.kind === 'observe') {
    const choice = inHand.stage.choices?.find((c) => c.id === digit) ?? inHand.stage.choices?.[Number(digit) - 1]
    if (choice) bench.observe(choice.id)
  } else bench.input({ do: 'type', digit })
}

/**
 * A digit while details are confirmed: how strong it is, 0 for ten since an own pain of nothing is none; or what something else felt like.
 *
 * With the place told, the digit is the last thing asked and keeps the answer.
 */
function detail(bench: Bench, pending: Pending, digit: number) {
  if (pending.said === 'familiar') {
    bench.change({ intensity: digit === 0 ? 10 : digit })
    if (pending.places.length > 0 || pending.placeUnknown) bench.confirm()
    return
  }
  const quality = QUALITIES[digit - 1]
  if (!quality) return
  const { qualities } = pending
  bench.change({ qualities: qualities.includes(quality) ? qualities.filter((q) => q !== quality) : [...qualities, quality] })
}

function choosePlace(bench: Bench, key: string, shifted: boolean, exam: Exam, others: Pick<Others, 'elsewhere'>) {
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
  if (key === 'z') {
    others.elsewhere()
    return
  }
  const symptom = exam.symptoms.find((s) => s.id === pending.symptom)
  const place = placeOfKey(placesOffered(inHand.test, inHand.side, symptom, exam), key, shifted)
  if (!place) return
  const places = pending.places.includes(place) ? pending.places.filter((p) => p !== place) : [...pending.places, place]
  bench.change({ places, placeUnknown: false })
}
