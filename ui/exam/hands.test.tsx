import { act, renderHook } from '@testing-library/react'
import { beforeEach, describe, expect, it } from 'vitest'
import { useHands } from './hands'

const PLACE = 'dust-lantern-hands'
const USUAL = { pedal: { next: '', own: '', stop: '', back: '' }, keys: {}, letters: true, autoHold: false, voice: false, big: false, standIns: false }

beforeEach(() => {
  localStorage.clear()
})

describe('how this device is operated', () => {
  it('is usual where nothing was chosen, and where what was kept cannot be read', () => {
    expect(renderHook(() => useHands()).result.current[0]).toEqual(USUAL)
    for (const kept of ['{torn', '[]', '"big"', '{"pedal":{"next":7},"voice":"yes","big":1}']) {
      localStorage.setItem(PLACE, kept)
      expect(renderHook(() => useHands()).result.current[0]).toEqual(USUAL)
    }
  })

  it('keeps the readable parts of what only partly makes sense', () => {
    localStorage.setItem(PLACE, '{"pedal":{"next":"PageDown","own":null},"big":true,"voice":0}')
    expect(renderHook(() => useHands()).result.current[0]).toEqual({ ...USUAL, pedal: { ...USUAL.pedal, next: 'PageDown' }, big: true })
  })

  it('a change of one part leaves the others, is seen by every piece of the page, and is there after a reload', () => {
    const one = renderHook(() => useHands())
    const other = renderHook(() => useHands())
    act(() => one.result.current[1]({ big: true }))
    act(() => other.result.current[1]({ voice: true }))
    for (const piece of [one, other, renderHook(() => useHands())]) expect(piece.result.current[0]).toEqual({ ...USUAL, big: true, voice: true })
  })

  it('follows what another window of this device chose', () => {
    const here = renderHook(() => useHands())
    act(() => {
      localStorage.setItem(PLACE, JSON.stringify({ ...USUAL, big: true }))
      window.dispatchEvent(new Event('storage'))
    })
    expect(here.result.current[0].big).toBe(true)
  })
})
