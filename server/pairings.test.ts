import { describe, expect, it } from 'vitest'
import { codeFrom, pairingsWith } from './pairings'
import { limiter } from './rate-limit'

describe('codes', () => {
  it('stop working by themselves, and when a new one is made for the same examination', () => {
    const codes = pairingsWith(1000)
    codes.add('AAAAAA', 'exam 1', 0)
    expect(codes.find('aaaaaa', 999)?.examId).toBe('exam 1')
    expect(codes.find('AAAAAA', 1000)).toBeNull()
    codes.add('BBBBBB', 'exam 2', 0)
    codes.add('CCCCCC', 'exam 2', 10)
    expect(codes.find('BBBBBB', 11)).toBeNull()
    expect(codes.find('CCCCCC', 11)?.examId).toBe('exam 2')
    expect(codes.find('DDDDDD', 11)).toBeNull()
  })

  it('are six signs that nobody mixes up', () => {
    let n = 0
    const code = codeFrom(() => (n += 7919))
    expect(code).toMatch(/^[2-9A-HJKMNP-TV-Z]{6}$/)
    expect(code).not.toMatch(/[01OIL]/)
  })
})

describe('the limiter', () => {
  it('lets so many through in a stretch, each name for itself, and begins anew', () => {
    const limit = limiter(2, 100)
    expect([limit.take('a', 0), limit.take('a', 1), limit.take('a', 2)]).toEqual([true, true, false])
    expect(limit.take('b', 2)).toBe(true)
    expect(limit.take('a', 100)).toBe(true)
  })
})
