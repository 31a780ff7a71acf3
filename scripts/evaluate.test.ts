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

  it('streams: a line in, a line out at once, a file that cannot be read among them', () => {
    const twice = { ...good, results: [...good.results, ...good.results] }
    const input = [good, twice, good].map((content) => JSON.stringify(content)).join('\n') + '\n{\n'
    const ran = spawnSync(process.execPath, ['--import', 'tsx', 'scripts/evaluate.ts', '--stream', '--no-intervals'], { encoding: 'utf8', input })
    const lines = ran.stdout
      .trim()
      .split('\n')
      .map((line) => JSON.parse(line) as Record<string, unknown>)
    expect(ran.status).toBe(2)
    expect(lines.map((line) => Object.keys(line)[0])).toEqual(['findings', 'issues', 'findings', 'issues'])
    expect(lines[1]).toEqual({ issues: [{ pointer: '/results/1', what: expect.stringMatching('again; it stands at /results/0 already') as string }] })
    expect(lines[0]).toEqual(lines[2])
    expect(ran.stderr).toMatch('line 2: /results/1 gives thigh-thrust')
    expect(ran.stderr).toMatch('line 4: the whole file is not JSON')
    expect(evaluate('--stream', 'case.json')).toMatchObject({ status: 2, stdout: '' })
  })

  it('lists what contradicts itself, with both voices', () => {
    const results = ['ulnt-1', 'ulnt-2a', 'ulnt-2b', 'ulnt-3', 'neck-rotation'].map((test) => ({ test, side: 'right', result: 'negative' }))
    const against = ['neck-distraction', 'shoulder-abduction-relief'].map((test) => ({ test, side: 'right', result: 'positive' }))
    const conditions = { 'biceps-reflex': true, 'arm-weakness': true, 'arm-feeling': true }
    const name = file('torn.json', { format: 'dust-lantern-exam', version: 1, priors: { 'root-cervical': 0.5 }, conditions, results: [...results, ...against] })
    const said = JSON.parse(evaluate('--no-intervals', name).stdout) as {
      contradictions: { id: string; voices: { p: number }[] }[]
      conclusion: { kind: string }
    }
    expect(said.contradictions.map((c) => c.id)).toEqual(['root-cervical'])
    const [up, down] = said.contradictions[0]?.voices ?? []
    expect(up?.p).toBeGreaterThan(down?.p ?? 1)
    expect(said.conclusion.kind).toBe('evidence-disagrees')
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
