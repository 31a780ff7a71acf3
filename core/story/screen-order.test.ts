import { describe, expect, it } from 'vitest'
import { bare } from '@/tests/people'
import { SCREEN } from './screen'
import { screenOrder } from './screen-order'

const order = (...places: ('left-calf' | 'left-thumb' | 'left-mid-back')[]) =>
  screenOrder((places.length === 0 ? bare() : bare().symptom('S1', { places })).exam).map((g) => g.id)

describe('the order of the safety screen', () => {
  it('begins with the region that is painted, and asks all of it whatever is painted', () => {
    expect(order('left-calf')[0]).toBe('saddle')
    expect(order('left-thumb').slice(0, 4)).toEqual(['cord', 'artery', 'neck-trauma', 'upper-neck'])
    expect(order('left-thumb').at(-1)).toBe('clot')
    for (const found of [order(), order('left-calf'), order('left-thumb'), order('left-calf', 'left-thumb')])
      expect(found.toSorted()).toEqual(SCREEN.map((g) => g.id).toSorted())
  })

  it('is as written while nothing is painted', () => {
    expect(order()).toEqual(SCREEN.map((g) => g.id))
  })
})
