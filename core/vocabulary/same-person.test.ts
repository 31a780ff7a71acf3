import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { likelierFirst, likeness, likenessWords, type Named } from './same-person'

const imre = { name: 'Imre Talvane', born: '1983-04-02' }

const words = (typed: Named, known: Named) => {
  const alike = likeness(typed, known)
  return alike && likenessWords(alike)
}

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
  ])('%s, %s: %s', (name, born, expected) => {
    expect(words({ name, born }, imre)).toBe(expected)
  })

  it('short names a letter apart are other names; long ones with one letter more are not', () => {
    expect(likeness({ name: 'Ida', born: null }, { name: 'Ada', born: null })).toBeNull()
    expect(words({ name: 'Sunnniva', born: null }, { name: 'Sunniva', born: null })).toBe('similar name')
  })

  it('puts a date that fits first, then a date with day and month changed about, then a name alone', () => {
    const typed = { name: 'Imre Talvane', born: '1983-04-02' }
    const known = [
      { name: 'Imre Talvane', born: '1990-01-01' },
      { name: 'Imre Talvnae', born: null },
      { name: 'Imre Talvane', born: '1983-02-04' },
      { name: 'Imre Talvnae', born: '1983-04-02' },
      { name: 'Imre Talvane', born: '1983-04-02' },
    ]
    const alike = known.flatMap((one) => likeness(typed, one) ?? [])
    expect(alike.toSorted(likelierFirst).map(likenessWords)).toEqual([
      'same name, same date of birth',
      'similar name, same date of birth',
      'same name, day and month of birth changed about',
      'same name, another date of birth',
      'similar name',
    ])
  })

  it('is the same either way round, and never throws on any text', () => {
    const entry = fc.record({
      name: fc.string({ unit: 'grapheme', maxLength: 30 }),
      born: fc.option(fc.constantFrom('1983-04-02', '1983-02-04', '1990-01-01')),
    })
    fc.assert(fc.property(entry, entry, (a, b) => (likeness(a, b) === null) === (likeness(b, a) === null)))
  })
})
