import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { ageOn } from './age'
import { AREA_IDS, areaOf, isPlace, PLACES, placeAt, placeWords, sideOf } from './body-area'
import { newPersonShape } from './new-person'
import { counted, listWords } from './sentence'

describe('places', () => {
  it('are an area on a side, and come apart again', () => {
    for (const area of AREA_IDS) {
      for (const side of ['left', 'right'] as const) {
        const place = placeAt(side, area)
        expect([sideOf(place), areaOf(place), isPlace(place)]).toEqual([side, area, true])
      }
    }
    expect(isPlace('left-tail')).toBe(false)
    expect(isPlace('calf')).toBe(false)
  })

  it('are said with their side, once', () => {
    expect(placeWords('left-thigh-back')).toBe('back of the left thigh')
    expect(placeWords('right-buttock')).toBe('right buttock')
    for (const place of PLACES) expect(placeWords(place).match(/left|right/g)).toHaveLength(1)
  })
})

describe('words', () => {
  it('join and count as a sentence does', () => {
    expect([listWords([]), listWords(['a']), listWords(['a', 'b', 'c'])]).toEqual(['', 'a', 'a, b and c'])
    expect([counted(1, 'test'), counted(0, 'test')]).toEqual(['1 test', '0 tests'])
  })
})

describe('age', () => {
  it('turns on the birthday, and on 1 March where there is no 29 February', () => {
    expect(ageOn('1983-04-11', '2026-04-10')).toBe(42)
    expect(ageOn('1983-04-11', '2026-04-11')).toBe(43)
    expect(ageOn('2000-02-29', '2026-02-28')).toBe(25)
    expect(ageOn('2000-02-29', '2026-03-01')).toBe(26)
  })

  it('never falls as the days go on', () => {
    const day = fc.date({ min: new Date('1990-01-01'), max: new Date('2030-01-01'), noInvalidDate: true }).map((d) => d.toISOString().slice(0, 10))
    fc.assert(fc.property(day, day, (a, b) => (a <= b ? ageOn('1980-06-15', a) <= ageOn('1980-06-15', b) : ageOn('1980-06-15', a) >= ageOn('1980-06-15', b))))
  })
})

describe('a new person', () => {
  const wrong = (fields: unknown) => {
    try {
      newPersonShape(Date.UTC(2026, 10, 25)).validateSync(fields, { abortEarly: false })
      return []
    } catch (error) {
      return (error as { errors: string[] }).errors
    }
  }
  it('needs a name and, if a birthday, a real one', () => {
    expect(wrong({ name: 'Wenna', born: '', work: '' })).toEqual([])
    expect(wrong({ name: 'Wenna', born: '2000-02-29', work: '' })).toEqual([])
    expect(wrong({ name: ' ', born: '', work: '' })[0]).toMatch('Write a name')
    expect(wrong({ name: 'W', born: '2001-02-29', work: '' })[0]).toMatch('not in the calendar')
    for (const born of ['2026-11-27', '1899-12-31']) expect(wrong({ name: 'W', born, work: '' })[0], born).toMatch('lies ahead')
    expect(wrong({ name: 'W', born: '29.2.2000', work: '' })[0]).toMatch('year, month and day')
  })
})
