import { testById } from '../catalogue'
import type { LoadedPart } from '../catalogue/load'
import type { Exam } from '../record/exam'
import type { Barrier } from '../record/rulebook'
import { SCREEN, type ScreenGroup, type ScreenItem } from '../story/screen'
import { screenOrder } from '../story/screen-order'
import { type Spread, spreadOf } from '../story/spread'
import { isToldOtherwise } from '../story/told-otherwise'
import { asksAgain } from './consent'
import { inSentence } from '../vocabulary/sentence'

/** Groups that are asked before a test, and the parts of the body that make them its business; `all` for every test. */
const BEFORE: Readonly<Record<string, 'all' | readonly LoadedPart[]>> = {
  saddle: 'all',
  cord: ['upper-neck', 'neck', 'shoulder', 'arm'],
  artery: ['upper-neck', 'neck', 'shoulder', 'arm'],
  'neck-trauma': ['upper-neck', 'neck', 'shoulder', 'arm'],
  'upper-neck': ['upper-neck', 'neck', 'shoulder', 'arm'],
  // Wherever a test loads, a fracture is asked about.
  fracture: 'all',
  clot: ['leg', 'hip'],
}

/** What the painted places ask for, whatever the test. */
const ASKED_BY: Readonly<Record<Spread, string>> = { saddle: 'saddle', 'both-legs': 'saddle', 'both-arms': 'cord' }

/** What has to be asked before a test may start. */
export interface Unasked {
  /** Consent is not recorded, or was withdrawn. */
  readonly consent: boolean
  /** Questions without an answer, or answered before the story told otherwise, group by group. */
  readonly groups: readonly { readonly group: ScreenGroup; readonly items: readonly ScreenItem[] }[]
}

/**
 * What has to be asked before this test may load, stretch or move the person: consent, and the questions that concern it.
 *
 * @returns null when nothing has to be
 */
export function unaskedBefore(exam: Exam, test: string, variant: string): Unasked | null {
  const consent = exam.consent !== 'verbal' && exam.consent !== 'written'
  const asked = new Set(spreadOf(exam.symptoms.flatMap((s) => s.places)).map((spread) => ASKED_BY[spread]))
  const groups = SCREEN.flatMap((group) => {
    if (exam.elsewhere[group.id] !== undefined || !(asked.has(group.id) || concerns(group.id, test, variant))) return []
    const items = group.items.filter((item) => isOpen(item, exam))
    return items.length === 0 ? [] : [{ group, items }]
  })
  return consent || groups.length > 0 ? { consent, groups } : null
}

function concerns(group: string, test: string, variant: string): boolean {
  const parts = BEFORE[group]
  if (parts === undefined) return false
  if (parts === 'all') return true
  const known = testById(test)
  const spared = known?.variants.find((v) => v.id === variant)?.spares ?? []
  return known?.loads.some((l) => parts.includes(l.part) && !spared.includes(l.part)) ?? false
}

/**
 * Every question of the safety screen that is open, whatever the test: asked on demand, in this person's order.
 *
 * @param from - the group to begin with; the first one while null. Those before it come last.
 */
export function openQuestions(exam: Exam, from: string | null): Unasked {
  const groups = screenOrder(exam).flatMap((group) => {
    const items = exam.elsewhere[group.id] === undefined ? group.items.filter((item) => isOpen(item, exam)) : []
    return items.length === 0 ? [] : [{ group, items }]
  })
  const at = Math.max(
    0,
    groups.findIndex(({ group }) => group.id === from),
  )
  return { consent: false, groups: [...groups.slice(at), ...groups.slice(0, at)] }
}

/** A question that hangs on another is asked once that one is a yes. */
function isOpen(item: ScreenItem, exam: Exam): boolean {
  if (item.onlyIf !== undefined && exam.screen[item.onlyIf] !== 'yes') return false
  return exam.screen[item.id] === undefined || isToldOtherwise(item.id, exam)
}

/** The same as what stands in the way, for the record; contact that consent has to be asked for again is among it. */
export function asksFirst(exam: Exam, test: string, variant: string): Barrier | null {
  const unasked = unaskedBefore(exam, test, variant)
  if (unasked?.consent) return { what: 'Consent is not recorded.', todo: 'Explain what will be done, ask, and record the answer.' }
  const first = unasked?.groups[0]
  if (first) return { what: `Not asked yet: ${inSentence(first.group.name)}.`, todo: `Ask first: ${first.items.map((item) => item.ask).join(' ')}` }
  const known = testById(test)
  if (!known?.intimate || asksAgain(known, exam) === null) return null
  return exam.renewed[known.intimate] === 'refused'
    ? { what: 'Contact with this region was refused.', todo: 'Leave the test out, or ask again and record the answer.' }
    : { what: 'Consent to contact with this region was not asked again.', todo: 'Ask, offer a chaperone, and record the answer.' }
}
