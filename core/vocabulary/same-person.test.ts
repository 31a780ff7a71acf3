import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { likeness } from './same-person'

const imre = { name: 'Imre Talvane', born: '1983-04-02' }

describe('two entries that may be one person', () => {
  it.each([
    ['Imre Talvane', '1983-04-02', 'same name, same date of birth'],
    ['  talvane,  IMRE ', '1983-04-02', 'same name, same date of birth'],
    ['Imre Talvane', null, 'same name'],
    ['Imré Talvanè', null, 'same name'],
    ['Imre Talvnae', '1983-04-02', 'similar name, same date of birth'],
    ['Talvane', null, 'similar name'],
    ['tal', null, 'similar name'],
    ['Imre Talvane', '1983-02-04', 'same name, day and month of birth changed about'],
    ['Imre Talvane', '1990-01-01', 'same name, another date of birth'],
    ['Imre Talvene', '1990-01-01', null],
    ['Imre Marl', '1983-04-02', null],
    ['im', '1983-04-02', null],
    ['', '1983-04-02', null],
  ])('%s, %s: %s', (name, born, words) => {
    expect(likeness({ name, born }, imre)).toBe(words)
  })

  it('short names a letter apart are other names; long ones with one letter more are not', () => {
    expect(likeness({ name: 'Ida', born: null }, { name: 'Ada', born: null })).toBeNull()
    expect(likeness({ name: 'Sunnniva', born: null }, { name: 'Sunniva', born: null })).toBe('similar name')
  })

  it('is the same either way round, and never throws on any text', () => {
    const entry = fc.record({
      name: fc.string({ unit: 'grapheme', maxLength: 30 }),
      born: fc.option(fc.constantFrom('1983-04-02', '1983-02-04', '1990-01-01')),
    })
    fc.assert(
      fc.property(entry, entry, (a, b) =>
        a.name.length > 2 && b.name.length > 2 ? (likeness(a, b) === null) === (likeness(b, a) === null) : likeness(a, b) !== '',
      ),
    )
  })
})
