import { describe, expect, it } from 'vitest'
import { BODY_AREAS } from '@/core/vocabulary/body-area'
import { mnemonics } from './mnemonics'

describe('letters for places', () => {
  it('come from the name, never from its side, and are all different', () => {
    expect(mnemonics(['buttock', 'right buttock', 'calf', 'top of the left foot'])).toEqual(['b', 'u', 'c', 't'])
    const all = mnemonics(Object.values(BODY_AREAS).map((a) => a.name)).filter(Boolean)
    expect(new Set(all).size).toBe(all.length)
    expect(all).not.toContain('s')
    expect(all).not.toContain('x')
  })
})
