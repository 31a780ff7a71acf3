import { describe, expect, it } from 'vitest'
import { AREA_IDS, bodyArea, PLACES, placeAt, placeWords } from '../vocabulary/body-area'
import { SIDES } from '../vocabulary/side'
import { DISTRIBUTIONS, namePlaces } from './name-places'

const first = (typed: string) => namePlaces(typed, 'left')[0]

describe('places by name', () => {
  it('are reached by a letter for the side and the beginning of a word', () => {
    expect(first('l calf')).toEqual({ words: 'left calf', places: ['left-calf'] })
    expect(first('r butt')?.places).toEqual(['right-buttock'])
    expect(first('buttock right')?.places).toEqual(['right-buttock'])
    expect(first('sij r')?.places).toEqual(['right-sacroiliac'])
    expect(first('both low')?.places).toEqual(['left-low-back', 'right-low-back'])
    expect(first('l leg below')?.places).toContain('left-calf')
    expect(first('r outer arm')?.places).toEqual(['right-upper-arm-front', 'right-forearm-back', 'right-thumb'])
  })

  it('without a side are offered on both, the near one first', () => {
    expect(namePlaces('calf', 'right').map((n) => n.words)).toEqual(['right calf', 'left calf'])
  })

  it.each(AREA_IDS)('%s is the first found by its whole name, on either side', (area) => {
    for (const side of SIDES) expect(first(`${side} ${bodyArea(area).name}`)?.places).toEqual([placeAt(side, area)])
  })

  it.each(PLACES)('%s is the first found by the words it is shown with', (place) => {
    expect(first(placeWords(place))).toEqual({ words: placeWords(place), places: [place] })
  })

  it('hold every distribution by its name, list them all for nothing, and find nothing for a word that is no place', () => {
    for (const { name, areas } of DISTRIBUTIONS) expect(first(`l ${name}`)?.places).toEqual(areas.map((a) => placeAt('left', a)))
    expect(namePlaces('', 'left')).toHaveLength(DISTRIBUTIONS.length * 2)
    expect(namePlaces('l spoon', 'left')).toEqual([])
    expect(new Set(PLACES.map(placeWords)).size).toBe(PLACES.length)
  })
})
