import { spawnSync } from 'node:child_process'
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { afterAll, describe, expect, it } from 'vitest'
import { own, soreLeg } from '../tests/people'
import { toExamFile } from '../core/exchange/exam-file/to'

const folder = mkdtempSync(path.join(tmpdir(), 'dust-lantern-evaluate-'))
afterAll(() => rmSync(folder, { recursive: true }))

const file = (name: string, content: unknown) => {
  writeFileSync(path.join(folder, name), typeof content === 'string' ? content : JSON.stringify(content))
  return name
}
/** As a person runs it, from the folder their files are in. */
const evaluate = (...names: readonly string[]) =>
  spawnSync(process.execPath, ['--import', 'tsx', 'scripts/evaluate.ts', ...names], { encoding: 'utf8', env: { ...process.env, EVALUATE_FROM: folder } })

const good = { format: 'dust-lantern-exam', version: 1, priors: { 'sij-pain': 0.3 }, results: [{ test: 'thigh-thrust', side: 'left', result: 'positive' }] }

describe('the evaluate command', { timeout: 30_000 }, () => {
  it('prints a line a file, in the order they were named', () => {
    const record = soreLeg().test('leg-raise', 'left', [own(['left-calf'], 6, 48)])
    const whole = file('whole.json', toExamFile(record.exam, record.events, { name: '', born: null, work: '' }, 1))
    const ran = evaluate(file('case.json', good), whole)
    expect(ran.status).toBe(0)
    expect(ran.stderr).toBe('')
    const lines = ran.stdout.trim().split('\n')
    expect(lines).toHaveLength(2)
    const [first, second] = lines.map((line) => JSON.parse(line) as { findings: { test: string }[]; sources: { id: string; side: string }[] })
    expect(first?.findings[0]?.test).toBe('thigh-thrust')
    expect(second?.findings[0]?.test).toBe('leg-raise')
    expect(second?.sources.every((s) => s.side === 'left')).toBe(true)
  })

  it('one bad file among good ones: code 2, pointers on standard error, nothing on standard output', () => {
    const bad = file('bad.json', { ...good, results: [{ test: 'head-thrust', side: 'left', result: 'positive' }] })
    const ran = evaluate(file('case.json', good), bad, file('broken.json', '{'), 'missing.json')
    expect(ran.status).toBe(2)
    expect(ran.stdout).toBe('')
    expect(ran.stderr).toMatch('bad.json: /results/0/test is no test known here')
    expect(ran.stderr).toMatch('broken.json: the whole file is not JSON')
    expect(ran.stderr).toMatch('missing.json: the whole file could not be read')
  })

  it('leaves the intervals out when it is asked to, and says which option it does not know', () => {
    const name = file('case.json', good)
    const [drawn, plain] = [evaluate(name), evaluate('--no-intervals', name)].map(
      (ran) => JSON.parse(ran.stdout) as { sources: { interval: unknown; estimate: number }[] },
    )
    expect(plain?.sources.every((s) => s.interval === null)).toBe(true)
    expect(drawn?.sources.some((s) => s.interval !== null)).toBe(true)
    expect(plain?.sources.map((s) => s.estimate)).toEqual(drawn?.sources.map((s) => s.estimate))
    expect(evaluate('--no-interval', name)).toMatchObject({ status: 2, stdout: '', stderr: expect.stringContaining('--no-interval is not known') as string })
  })

  it('names the side of what is open where a rule asks for a fixed one', () => {
    const name = file('left.json', { ...good, results: [{ test: 'gaenslen', side: 'left', result: 'negative' }] })
    const { rules } = JSON.parse(evaluate('--no-intervals', name).stdout) as { rules: { id: string; side: string; open: string[] }[] }
    const open = (id: string) => rules.find((r) => r.id === id && r.side === 'left')?.open
    expect(open('pelvic-six')).toContain('gaenslen/right')
    expect(open('pelvic-six')).not.toContain('gaenslen/left')
    // A rule that reads the side it is about names the test alone.
    expect(open('pelvic-five')).toContain('thigh-thrust')
  })

  it('without a file says what it wants', () => {
    expect(evaluate()).toMatchObject({ status: 2, stdout: '' })
  })
})
