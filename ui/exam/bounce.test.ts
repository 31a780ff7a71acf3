import { describe, expect, it, vi } from 'vitest'
import { isBounce } from './bounce'

vi.unmock('@/ui/exam/bounce')

const press = (key: string, timeStamp: number, repeat = false) => ({ key, timeStamp, repeat })

describe('a key', () => {
  it('that is held answers once, one that bounces once, and two presses twice', () => {
    expect(isBounce(press(' ', 1000))).toBe(false)
    // Several shortcuts ask about the same press.
    expect(isBounce(press(' ', 1000))).toBe(false)
    for (let i = 1; i < 16; i++) expect(isBounce(press(' ', 1000 + i * 30, true))).toBe(true)
    expect(isBounce(press(' ', 1020))).toBe(true)
    expect(isBounce(press(' ', 1300))).toBe(false)
    expect(isBounce(press('n', 1301))).toBe(false)
  })
})
