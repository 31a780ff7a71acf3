import * as yup from 'yup'
import { isSchool } from '../../catalogue/schools'
import type { OwnTurn } from '../../planner/price'
import type { PlanMode, Setting } from '../../record/event'
import { POSTURES } from '../../vocabulary/posture'

/** How a clinic works: written into every examination it opens, or read while planning. */
export interface House {
  readonly schools: Readonly<Record<string, string>>
  readonly setting: Setting
  readonly mode: PlanMode
  readonly turns: readonly OwnTurn[]
}

/** A clinic that has chosen nothing. */
export const DEFAULT_HOUSE: House = { schools: {}, setting: 'referred', mode: 'full-baseline', turns: [] }

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
} as const satisfies Record<keyof House, yup.Schema>

/** Whether this names a choice of the clinic. */
export function isHouseKey(key: unknown): key is keyof House {
  return typeof key === 'string' && Object.hasOwn(HOUSE, key)
}

/**
 * The choices as stored, each read with its shape. What cannot be read leaves the choice at its default; a school that exists no more
 * is left out without taking the others with it.
 *
 * @param stored - the latest value of each key, as unpacked from the store
 */
export function houseFrom(stored: Readonly<Record<string, unknown>>): House {
  const { schools } = stored
  const asked = typeof schools === 'object' && schools !== null ? Object.entries(schools) : []
  const known = asked.filter((pair): pair is [string, string] => typeof pair[1] === 'string' && isSchool(pair[0], pair[1]))
  const read = <K extends Exclude<keyof House, 'schools'>>(key: K): House[K] => {
    const value = stored[key]
    // The shape of this key was held against the value just here.
    return (HOUSE[key] as yup.Schema).isValidSync(value, { strict: true }) ? (value as House[K]) : DEFAULT_HOUSE[key]
  }
  return { schools: Object.fromEntries(known), setting: read('setting'), mode: read('mode'), turns: read('turns') }
}
