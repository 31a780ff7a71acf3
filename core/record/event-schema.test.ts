import Ajv from 'ajv/dist/2020'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { anyEventOf, EVENT_KINDS } from '../../tests/arbitrary-events'
import { PLACES } from '../vocabulary/body-area'
import { jsonSchemaOf } from '../vocabulary/json-schema'
import { EVENT, EVENT_SHAPES, eventIssues, parseEvent } from './event-schema'

const ajv = new Ajv({ allErrors: true, strict: false })
const published = ajv.compile({ ...jsonSchemaOf(EVENT), $defs: { place: { enum: PLACES } } })

describe.each(EVENT_KINDS)('an event “%s”', (kind) => {
  it('comes back from text as it was, and fits what is published', () => {
    fc.assert(
      fc.property(anyEventOf(kind), (event) => {
        const wire: unknown = JSON.parse(JSON.stringify(event))
        expect(parseEvent(wire)).toEqual({ ok: true, event })
        expect(published(wire), JSON.stringify(published.errors)).toBe(true)
      }),
      { numRuns: 60 },
    )
  })

  it('is refused with a field nobody knows, without any field it needs, and with a part of another kind', () => {
    const needed = Object.keys(EVENT_SHAPES[kind].fields).filter(
      (name) => !['worst', 'usual', 'edition', 'frozen', 'first', 'explained', 'causes', 'moment', 'section', 'of', 'zone', 'edited'].includes(name),
    )
    fc.assert(
      fc.property(anyEventOf(kind), fc.constantFrom(...needed), (event, name) => {
        expect(eventIssues({ ...event, more: 1 })).not.toEqual([])
        expect(eventIssues(Object.fromEntries(Object.entries(event).filter(([key]) => key !== name)))).not.toEqual([])
        expect(eventIssues({ ...event, [name]: { of: 'another kind' } })).not.toEqual([])
      }),
      { numRuns: 25 },
    )
  })
})

describe('times', () => {
  it('that no calendar can name are refused', () => {
    const [event] = fc.sample(anyEventOf('consent-withdrawn'), 1)
    expect(eventIssues({ ...event, at: 8_640_000_000_000_001 })).toMatchObject([{ path: 'at' }])
    expect(eventIssues({ ...event, at: -1 })).toMatchObject([{ path: 'at' }])
  })
})
