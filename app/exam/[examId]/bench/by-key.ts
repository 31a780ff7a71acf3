import type { Exam } from '@/core/record/exam'
import { placeOfKey, placesOffered } from '@/core/bench/places-offered'
import type { Aside, Pending } from '@/core/bench/state'
import { QUALITIES } from '@/core/vocabulary/quality'
import { askedByLetter } from './asked-by-key'
import { type Command, commandOf, type OwnKeys } from '@/ui/exam/commands'
import { asideChoices, OWN_REASON_ID, OWN_REASON_KEY } from './aside-choices'
import type { Bench } from './use-bench'

/** What a key opens beside the bench. */
export interface Others {
  /** Open the body chart for a place that is not offered. */
  readonly elsewhere: () => void
  readonly showKeys: () => void
  readonly go: () => void
  readonly pair: () => void
  readonly toggleVoice: () => void
  readonly weigh: () => void
  /** The referral letter, while a halt has the bench; null else. */
  readonly letter: (() => void) | null
}

/** A key while a strip lies over the answers. */
function byAside(key: string, aside: Aside, bench: Bench) {
  if (aside === 'skip' && key === OWN_REASON_KEY) document.getElementById(OWN_REASON_ID)?.focus()
  const chosen = asideChoices(aside, bench.rated, bench.inHand).find((c) => c.key === key)
  if (chosen) bench.input(chosen.input)
}

export function byLetter(key: string, bench: Bench, exam: Exam, others: Others, keys: OwnKeys) {
  const { inHand, pending, aside } = bench
  if (aside === 'questions') {
    askedByLetter(key, bench, bench.questions)
    return
  }
  // What was treated is written in fields.
  if (aside === 'treatment') return
  // From the list of what else there is, every letter does what it does beside it.
  if (aside && aside !== 'more') {
    byAside(key, aside, bench)
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
  const command = commandOf(key, keys)
  if (command) obey(command, bench, others)
}

/** Does a command, where what is in hand has a use for it. */
function obey(command: Command, bench: Bench, others: Others) {
  const kind = bench.inHand?.stage.kind
  switch (command) {
    case 'stretch':
      if (kind === 'load') bench.answer('stretch')
      return
    case 'other':
      if (kind === 'load') bench.ask('other')
      return
    case 'worse':
      if (kind === 'relief') bench.answer('worse')
      return
    case 'nothing-to-relieve':
      if (kind === 'relief') bench.answer('nothing-to-relieve')
      return
    case 'pain-stopped':
      if (kind === 'measure') bench.keepMeasured('own-pain')
      return
    case 'rest-usual':
      if (kind === 'grid') bench.table.move('rest-usual')
      return
    case 'keep-as-is':
      if (kind === 'grid') bench.keepTable()
      return
    case 'force':
      bench.playForce()
      return
    case 'cuff':
      bench.playCuff()
      return
    case 'angle':
      bench.measure()
      return
    case 'lean':
      // While a halt has the bench nobody leans, and the letter is one key away.
      if (others.letter) others.letter()
      else bench.input({ do: 'toggle-lean' })
      return
    case 'end-feel':
      bench.input({ do: 'turn-end-feel' })
      return
    case 'pain-order':
      bench.input({ do: 'turn-pain-order' })
      return
    case 'hold':
      bench.toggleHold()
      return
    case 'skip':
    case 'warning':
    case 'questions':
    case 'rate':
    case 'technique':
    case 'plan':
      bench.open(command)
      return
    case 'recheck':
      bench.input({ do: 'recheck' })
      return
    case 'next':
      bench.input({ do: 'take-suggested' })
      return
    case 'go':
      others.go()
      return
    case 'pair':
      others.pair()
      return
    case 'voice':
      others.toggleVoice()
      return
    case 'weigh':
      others.weigh()
  }
}

export function byDigit(digit: string, bench: Bench) {
  const { aside, inHand } = bench
  if (aside) {
    byAside(digit, aside, bench)
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
export function detail(bench: Bench, pending: Pending, digit: number) {
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

export function choosePlace(bench: Bench, key: string, shifted: boolean, exam: Exam, others: Pick<Others, 'elsewhere'>) {
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
