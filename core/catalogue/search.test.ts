import { describe, expect, it } from 'vitest'
import { CATALOGUE } from '.'
import { sidesOf } from '../record/outline'
import { findTests } from './search'

const first = (wanted: string, sought = {}) => findTests(wanted, sought)[0]?.test.id

describe('the search for a test', () => {
  const LETTERS = 'abcdefghijklmnopqrstuvwxyz0123456789'.split('')
  const queries = LETTERS.flatMap((a) => [a, ...LETTERS.flatMap((b) => [a + b, ...LETTERS.map((c) => a + b + c)])])
  const reached = new Map<string, string>()
  for (const query of [...queries].sort((a, b) => a.length - b.length)) {
    const id = CATALOGUE.some((t) => `${t.short} ${t.name} ${t.alsoCalled.join(' ')}`.toLowerCase().includes(query.charAt(0))) ? first(query) : undefined
    if (id && !reached.has(id)) reached.set(id, query)
  }

  it.each(CATALOGUE.map((t) => t.id))('%s is reached by three characters: five keys with the one that opens and the one that takes', (id) => {
    expect(reached.get(id)).toBeDefined()
  })

  it.each(CATALOGUE.map((t) => [t.id, t] as const))('%s is found by every name it has or had, and by its structures', (id, test) => {
    for (const name of [test.name, test.short, ...test.alsoCalled, ...test.structures])
      expect(
        findTests(name).map((f) => f.test.id),
        name,
      ).toContain(id)
  })

  it('puts the gentler before the harder, the planned before the rest, and the sore side first', () => {
    expect(first('compression')).toBe('sij-compression')
    expect(first('extension')).toBe('neck-extension-rotation')
    expect(first('compression', { planned: ['neck-compression none'] })).toBe('neck-compression')
    expect(findTests('slump', { near: 'right' })[0]).toMatchObject({ side: 'right' })
    expect(findTests('slump left', { near: 'right' })).toMatchObject([{ side: 'left' }])
  })

  it('finds by chip, body part, position and side, everything for nothing, and nothing for a word nobody uses', () => {
    expect(first('slr')).toBe('leg-raise')
    expect(first('crossed slr')).toBe('crossed-leg-raise')
    for (const word of ['neck lift', 'quarter load', 'symphysis', 'thoracic', 'sij']) expect(findTests(word), word).not.toEqual([])
    for (const { test } of findTests('prone')) expect(JSON.stringify(test).toLowerCase()).toContain('prone')
    expect(findTests('')).toHaveLength(CATALOGUE.reduce((n, t) => n + sidesOf(t).length, 0))
    expect(findTests('xylophone')).toEqual([])
  })
})
