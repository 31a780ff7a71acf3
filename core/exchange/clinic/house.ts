import * as yup from 'yup'
import { isSchool } from '../../catalogue/schools'
import type { OwnTurn } from '../../planner/price'
import type { PlanMode, Setting } from '../../record/event'
import { TEMPLATES, type TemplateId } from '../../note/template'
import { POSTURES } from '../../vocabulary/posture'

/** How a clinic works: written into every examination it opens, or read while planning. */
export interface House {
  readonly schools: Readonly<Record<string, string>>
  readonly setting: Setting
  readonly mode: PlanMode
  readonly turns: readonly OwnTurn[]
  /** How notes are laid out. */
  readonly template: TemplateId
}

/** A clinic that has chosen nothing. */
export const DEFAULT_HOUSE: House = { schools: {}, setting: 'referred', mode: 'full-baseline', turns: [], template: 'full' }

/** The shape of each choice. */
export const HOUSE = {
  schools: yup
    .object()
    .strict()
    .required()
    .test('known', (value) => Object.entries(value).every(([question, id]) => typeof id === 'string' && isSchool(question, id))),
  setting: yup
    .string()
    .strict()
    .oneOf(['first-contact', 'referred'] as const)
    .required(),
  mode: yup
    .string()
    .strict()
    .oneOf(['full-baseline', 'quickest-answer', 'fewest-turns'] as const)
    .required(),
  turns: yup
    .array()
    .strict()
    .max(25)
    .of(
      yup
        .object({
          from: yup.string().strict().oneOf(POSTURES).required(),
          to: yup.string().strict().oneOf(POSTURES).required(),
          seconds: yup.number().strict().integer().min(0).max(600).required(),
        })
        .noUnknown()
        .strict(),
    )
    .required(),
  template: yup
    .string()
    .strict()
    .oneOf(TEMPLATES.map((t) => t.id))
    .required(),
} as const satisfies Record<keyof House, yup.Schema>

/** Whether this names a choice of the clinic. */
export function isHouseKey(key: unknown): key is keyof House {
  return typeof key === 'string' && Object.hasOwn(HOUSE, key)
}

/** The choices of a clinic, and what of them is stored and cannot be read. */
export interface ReadHouse {
  readonly house: House
  /** In words, one for each choice that does not count. */
  readonly faults: readonly string[]
}

const NAMES: Readonly<Record<keyof House, string>> = {
  schools: 'schools',
  setting: 'setting',
  mode: 'plan',
  turns: 'seconds for turning',
  template: 'layout of notes',
}

/**
 * The choices as stored, each read with its shape. The latest that can be read counts, so that a torn one does not change how the
 * clinic works; a school that exists no more is left out without taking the others with it. Both are told.
 *
 * @param stored - every version of each key, oldest first, as unpacked from the store
 */
export function houseFrom(stored: Partial<Readonly<Record<keyof House, readonly unknown[]>>>): ReadHouse {
  const faults: string[] = []
  const latest = <K extends keyof House>(key: K, readable: (value: unknown) => value is House[K]): House[K] => {
    const versions = stored[key] ?? []
    const at = versions.findLastIndex(readable)
    const torn = versions.length - 1 - at
    if (torn > 0) faults.push(`${NAMES[key]}: the latest choice cannot be read; ${at === -1 ? 'the default' : 'the one before it'} counts`)
    const value = versions[at]
    return value !== undefined && readable(value) ? value : DEFAULT_HOUSE[key]
  }
  const fits =
    <K extends keyof House>(key: K) =>
    (value: unknown): value is House[K] =>
      (HOUSE[key] as yup.Schema).isValidSync(value, { strict: true })
  const asked = Object.entries(latest('schools', isChoice))
  const known = asked.filter(([question, id]) => isSchool(question, id))
  for (const [question, id] of asked.filter((pair) => !known.includes(pair))) faults.push(`schools: “${id}” for “${question}” is not known here`)
  return {
    house: {
      schools: Object.fromEntries(known),
      setting: latest('setting', fits('setting')),
      mode: latest('mode', fits('mode')),
      turns: latest('turns', fits('turns')),
      template: latest('template', fits('template')),
    },
    faults,
  }
}

/** Schools by their questions, whether they are known here or not. */
function isChoice(value: unknown): value is House['schools'] {
  return typeof value === 'object' && value !== null && !Array.isArray(value) && Object.values(value).every((id) => typeof id === 'string')
}
