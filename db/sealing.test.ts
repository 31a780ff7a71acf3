import { expect, it } from 'vitest'
import { openDb } from './open'
import { contentHash } from './sealing'

it('a row that is added costs one hash of its content, however long the chain is', () => {
  const db = openDb(':memory:')
  let hashes = 0
  db.$client.function('seal_content', { deterministic: true }, (row: unknown) => {
    hashes++
    return contentHash(String(row))
  })
  const add = (from: number, to: number) => {
    hashes = 0
    for (let i = from; i < to; i++) db.$client.prepare(`INSERT INTO settings VALUES (?, 'b', 1, 'mode', '"full-baseline"')`).run(`s${i}`)
    return hashes
  }
  expect(add(0, 50)).toBe(50)
  expect(add(50, 400)).toBe(350)
  expect(add(400, 450)).toBe(50)
  db.$client.close()
})
