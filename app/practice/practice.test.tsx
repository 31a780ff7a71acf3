import { fireEvent, render, screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { EDITION } from '@/core/edition'
import { testById } from '@/core/catalogue'
import { type DrillItem, DRILLS } from '@/core/trainer/drills/drill'
import { casesWith, numberedCase, patientFrom } from '@/core/trainer/generate'
import { askedTruly, recorded } from '@/core/trainer/perform'
import { emptyCase } from '@/core/trainer/case-file/file'
import { renderPractice } from '@/tests/practice-around'
import { BenchScreen } from '../exam/[examId]/bench/bench-screen'
import { SafetyScreen } from '../exam/[examId]/safety/safety-screen'
import { CaseEditor } from './cases/case-editor'
import { ClassForm } from './classes/class-form'
import { CurveChart } from './curve-chart'
import { ChoiceAnswer, EstimateAnswer } from './drill/answers'
import { DrillScreen } from './drill/drill-screen'
import { OrderAnswer } from './drill/order-answer'
import { CommitScreen } from './run/[runId]/commit/commit-screen'
import { ReplayScreen } from './run/[runId]/replay/replay-screen'
import { StoryAsks } from './run/[runId]/story-asks'
import { RunsTable } from './runs-table'

let path = '/practice/run/1/story'
const push = vi.fn()
vi.mock('next/navigation', () => ({ usePathname: () => path, useRouter: () => ({ push, refresh: vi.fn() }), useSearchParams: () => new URLSearchParams() }))

const sent: { url: string; body: unknown }[] = []
let came: unknown = null
beforeEach(() => {
  sent.length = 0
  came = null
  push.mockReset()
  localStorage.clear()
  vi.stubGlobal('fetch', (url: string, init?: { body?: string }) => {
    // The record itself waits for a server; what is asked beside it is answered.
    if (url.includes('/events')) return Promise.reject(new TypeError('offline'))
    sent.push({ url, body: JSON.parse(init?.body ?? 'null') })
    return Promise.resolve(Response.json(url.startsWith('/do/') ? { came } : { taken: true }))
  })
})

const ROOT = patientFrom(
  { region: 'back', sources: [{ source: 'root-lumbar-low', side: 'left', level: 'S1' }], serious: null, irritability: 'low' },
  'shown root',
)
const keys = (...pressed: string[]) => userEvent.setup().keyboard(pressed.join(''))
const stepsSent = () =>
  sent
    .filter((s) => s.url.endsWith('/steps'))
    .flatMap((s) => s.body as { step: { kind: string; asked?: string; reach?: object } }[])
    .map((s) => s.step)

describe('the story, by asking', () => {
  it('tells what is asked and nothing else, and keeps what was asked', async () => {
    path = '/practice/run/1/story'
    renderPractice(ROOT, <StoryAsks />)
    expect(screen.getByText(/^Nothing was asked yet/)).toBeVisible()
    await keys('q')
    expect(screen.getByRole('button', { name: 'What brings you here?' })).toHaveFocus()
    await keys('{Enter}')
    expect(screen.getByText(`“${ROOT.symptoms[0]?.words ?? ''}”`)).toBeVisible()
    expect(screen.queryByRole('button', { name: 'What brings you here?' })).toBeNull()
    await waitFor(() => expect(stepsSent()).toMatchObject([{ kind: 'story', question: 'complaint' }]))
  })

  it('is not there on any other screen', () => {
    path = '/practice/run/1/bench'
    renderPractice(ROOT, <StoryAsks />)
    expect(screen.queryByRole('region', { name: 'Ask the person' })).toBeNull()
  })
})

describe('the safety screen in practice', () => {
  it('is read out, and what they say is written down by hand', async () => {
    const patient = patientFrom({ region: 'back', serious: 'malignancy' }, 'shown serious')
    const [opened] = askedTruly(patient, EDITION).events
    if (!opened) throw new Error('Nothing opens the record.')
    const record = askedTruly(patient, EDITION)
    renderPractice(patient, <SafetyScreen />, { record: { ...record, events: [opened] } })
    const strip = screen.getByRole('group', { name: 'Ask now' })
    expect(await within(strip).findByText('Not asked yet.')).toBeVisible()
    await keys(',')
    expect(await within(strip).findByText(/^“No/)).toBeVisible()
    await keys('n')
    await waitFor(() => expect(screen.getByRole('group', { name: 'Ask now' })).toHaveTextContent('Not asked yet.'))
  })
})

describe('the bench in practice', () => {
  it('moves with the hand, shows the face, answers the question, and keeps how it was done', async () => {
    vi.useFakeTimers({ shouldAdvanceTime: true })
    try {
      renderPractice(ROOT, <BenchScreen />)
      const user = userEvent.setup({ advanceTimers: vi.advanceTimersByTime.bind(vi) })
      await user.keyboard('g')
      await user.keyboard('straight leg raise left{Enter}')
      const person = await screen.findByRole('region', { name: 'The person' })
      expect(person).toHaveTextContent('Nothing done yet.')
      expect(within(person).getByRole('button', { name: /^Ask/ })).toBeDisabled()
      await vi.advanceTimersByTimeAsync(100)
      // A key that is held moves by this clock alone: a busy machine's own time would move the limb further.
      vi.setTimerTickMode('manual')
      fireEvent.keyDown(document, { key: '+' })
      await vi.advanceTimersByTimeAsync(2000)
      fireEvent.keyUp(document, { key: '+' })
      vi.setTimerTickMode('interval', 20)
      const angle = Number(/(\d+)°/.exec(within(person).getByLabelText('Your hand').textContent)?.[1])
      expect(angle).toBeGreaterThan(20)
      expect(angle).toBeLessThan(48)
      // The limb carries the simulated inclinometer, with a hand's tremor: nearly the same figure, and marked.
      expect(screen.getByText('live, simulated')).toBeVisible()
      expect(Math.abs(Number(/^(\d+)°/.exec(screen.getByText('live, simulated').parentElement?.textContent ?? '')?.[1]) - angle)).toBeLessThanOrEqual(2)
      await user.keyboard(';')
      expect(person.textContent).toMatch(/“.+”/)
      await vi.waitFor(() =>
        expect(stepsSent().at(-1)).toMatchObject({ kind: 'hands', test: 'leg-raise', side: 'left', pace: 'slow', asked: 'leading', reach: { degrees: angle } }),
      )
    } finally {
      vi.useRealTimers()
    }
  })

  it('lets them say stop where the hand went far beyond what they can bear, in the place of the face', async () => {
    vi.useFakeTimers({ shouldAdvanceTime: true })
    try {
      renderPractice(ROOT, <BenchScreen />)
      const user = userEvent.setup({ advanceTimers: vi.advanceTimersByTime.bind(vi) })
      await user.keyboard('g')
      await user.keyboard('straight leg raise left{Enter}')
      const person = await screen.findByRole('region', { name: 'The person' })
      await vi.advanceTimersByTimeAsync(100)
      fireEvent.keyDown(document, { key: '+' })
      await vi.advanceTimersByTimeAsync(9000)
      fireEvent.keyUp(document, { key: '+' })
      expect(person).toHaveTextContent('“Stop! Please stop.”')
    } finally {
      vi.useRealTimers()
    }
  })

  it('keeps that nobody was asked where an answer is written down without a question', async () => {
    renderPractice(ROOT, <BenchScreen />)
    await keys('g', 'straight leg raise right', '{Enter}')
    const person = await screen.findByRole('region', { name: 'The person' })
    fireEvent.click(within(person).getByRole('button', { name: /^Hold to move/ }), { detail: 0 })
    await keys(' ')
    await waitFor(() => expect(stepsSent().at(-1)).toMatchObject({ kind: 'hands', test: 'leg-raise', side: 'right', asked: 'nothing' }))
  })
})

describe('the end of a case', () => {
  it('asks for a figure and an urgency before it commits, and sends what was held for true', async () => {
    path = '/practice/run/1/commit'
    const assign = vi.fn()
    vi.stubGlobal('location', { assign, hash: '', pathname: path, search: '' })
    renderPractice(ROOT, <CommitScreen />)
    const send = () => userEvent.click(screen.getByRole('button', { name: 'Commit, and see the truth' }))
    await send()
    expect(screen.getByText('Say how sure you are.')).toBeVisible()
    await userEvent.selectOptions(screen.getByLabelText('The source'), 'instability-lumbar')
    expect(screen.queryByLabelText('Side')).toBeNull()
    await userEvent.selectOptions(screen.getByLabelText('The source'), 'root-lumbar-low')
    await userEvent.type(screen.getByLabelText(/^How sure/), '80')
    await send()
    expect(screen.getByText('Say which side.')).toBeVisible()
    await userEvent.selectOptions(screen.getByLabelText('Side'), 'left')
    await userEvent.selectOptions(screen.getByLabelText('Level'), 'S1')
    await send()
    expect(screen.getByText('Say what is done next.')).toBeVisible()
    await userEvent.click(screen.getByRole('radio', { name: 'Refer' }))
    await send()
    expect(screen.getByText('Say how soon it is referred.')).toBeVisible()
    await userEvent.selectOptions(screen.getByLabelText('How soon'), 'urgent')
    await send()
    expect(sent.at(-1)).toEqual({
      url: '/do/commit-practice',
      body: { args: ['1', { sources: [{ source: 'root-lumbar-low', side: 'left', level: 'S1' }], certainty: 80, next: 'refer', urgency: 'urgent' }] },
    })
    expect(assign).toHaveBeenCalledWith('/practice/run/1/replay')
    vi.unstubAllGlobals()
  })

  it('is not committed while something of it has not reached the server', async () => {
    const answers = { away: true }
    vi.stubGlobal('fetch', (url: string, init?: { body?: string }) => {
      if (url.includes('/events') || (answers.away && url.endsWith('/steps'))) return Promise.reject(new TypeError('offline'))
      if (/steps|commit/.test(url)) sent.push({ url, body: JSON.parse(init?.body ?? 'null') })
      return Promise.resolve(Response.json(url.startsWith('/do/') ? { came: null } : { taken: true }))
    })
    const assign = vi.fn()
    vi.stubGlobal('location', { assign, hash: '', pathname: path, search: '' })
    path = '/practice/run/1/story'
    renderPractice(
      ROOT,
      <>
        <StoryAsks />
        <CommitScreen />
      </>,
    )
    await userEvent.click(screen.getByRole('button', { name: 'What brings you here?' }))
    await userEvent.type(screen.getByLabelText(/^How sure/), '80')
    await userEvent.click(screen.getByRole('radio', { name: 'Treat, and recheck' }))
    const send = () => userEvent.click(screen.getByRole('button', { name: 'Commit, and see the truth' }))
    await send()
    expect(await screen.findByText('Some of what you recorded is not on disk yet.')).toBeVisible()
    expect(sent).toEqual([])
    answers.away = false
    await send()
    await waitFor(() => expect(assign).toHaveBeenCalled())
    expect(sent.map((s) => s.url.replace(/.*\//, ''))).toEqual(['steps', 'commit-practice'])
    vi.unstubAllGlobals()
  })

  it('replays every moment with the truth, what it meant and what an expert would have done', async () => {
    const [n = 1] = casesWith('hamstring-slump', 1)
    const patient = numberedCase('back', n)
    const raise = testById('leg-raise')
    if (!raise) throw new Error('There is no leg raise.')
    const record = recorded(askedTruly(patient, EDITION), patient, raise, 'left', 'neutral')
    renderPractice(patient, <ReplayScreen />, { record, commitment: { sources: [], certainty: 60, next: 'treat', urgency: null }, teaches: 'Let the neck go.' })
    expect(screen.getByText(/^What truly hurt/)).toHaveTextContent('Hamstrings')
    expect(screen.getByText('Tight hamstrings in a slump.')).toBeVisible()
    expect(screen.getByText('Let the neck go.')).toBeVisible()
    const list = screen.getByRole('list', { name: 'Every moment' })
    await userEvent.click(within(list).getByRole('button', { name: /^right Straight leg raise, Raise to first symptom: recorded/ }))
    expect(screen.getByText('A careful expert now:')).toBeVisible()
    const scrub = screen.getByRole('slider')
    fireEvent.change(scrub, { target: { value: '0' } })
    expect(scrub).toHaveAttribute('aria-valuetext', expect.stringMatching(/^(right|wrong|unsafe): /))
    await userEvent.click(within(list).getByRole('button', { name: /^wrong A true source was not named/ }))
    expect(screen.getAllByText(/^Hamstrings, /).length).toBeGreaterThan(0)
  })
})

describe('a drill', () => {
  it('asks, tells whether it was right and why, and goes on by Enter', async () => {
    came = { right: true, share: 1, error: null, told: 'Because it is.' }
    render(<DrillScreen drill="cluster-count" answers={[]} />)
    expect(screen.getByRole('status')).toHaveTextContent('Question 1 of 9, level 1 of 5.')
    await keys('1')
    expect(await screen.findByText('Because it is.')).toBeVisible()
    expect(screen.getByRole('status')).toHaveTextContent('1 of 1 answer right')
    expect(sent[0]?.url).toBe('/do/answer-drill')
    await keys('{Enter}')
    expect(screen.queryByText('Because it is.')).toBeNull()
  })

  it('ends with how the set went, what was missed and why, and when it comes again', async () => {
    came = { right: false, share: 0, error: 4, told: 'It is 30°.' }
    const before = Array.from({ length: 3 }, (_, i) => ({
      drill: 'cluster-count' as const,
      topic: 'x',
      at: i,
      level: 1 as const,
      right: true,
      share: 1,
      error: null,
    }))
    render(<DrillScreen drill="cluster-count" answers={before} />)
    for (let n = 0; n < DRILLS['cluster-count'].questions; n++) {
      await keys('1')
      await screen.findByText('It is 30°.')
      await keys('{Enter}')
    }
    expect(screen.getByRole('heading', { name: '0 of 9 answers right' })).toHaveFocus()
    expect(within(screen.getByRole('list', { name: 'Not right' })).getAllByText('It is 30°.')).toHaveLength(9)
    expect(screen.getByText(/^The first of these comes again (now|in )/)).toBeVisible()
    await userEvent.click(screen.getByRole('button', { name: 'Another set' }))
    expect(screen.getByRole('status')).toHaveTextContent(/^Question 1 of 9, level 1 of 5\.$/)
  })

  it('keeps the question where the server does not answer', async () => {
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('offline')))
    render(<DrillScreen drill="cluster-count" answers={[]} />)
    await keys('1')
    expect(await screen.findByText('The server did not answer.')).toBeVisible()
  })

  it('takes a figure, a number and an order', async () => {
    const onAnswer = vi.fn()
    const estimate = {
      kind: 'estimate',
      topic: 't',
      ask: '?',
      why: '.',
      figure: null,
      lines: [],
      unit: '°',
      min: 0,
      max: 90,
      truth: 40,
      within: 5,
    } as const satisfies DrillItem
    const first = render(<EstimateAnswer item={estimate} done={false} onAnswer={onAnswer} />)
    await userEvent.type(screen.getByLabelText(/^Your estimate/), '120')
    expect(screen.getByRole('button', { name: 'Answer' })).toBeDisabled()
    await userEvent.clear(screen.getByLabelText(/^Your estimate/))
    await userEvent.type(screen.getByLabelText(/^Your estimate/), '42{Enter}')
    expect(onAnswer).toHaveBeenLastCalledWith({ kind: 'estimate', value: 42 })
    first.unmount()
    const choice = {
      kind: 'choice',
      topic: 't',
      ask: '?',
      why: '.',
      figure: null,
      lines: [],
      choices: [
        { id: 'a', words: 'A' },
        { id: 'b', words: 'B' },
      ],
      truth: 'b',
    } as const satisfies DrillItem
    const second = render(<ChoiceAnswer item={choice} done={false} onAnswer={onAnswer} />)
    await keys('2')
    expect(onAnswer).toHaveBeenLastCalledWith({ kind: 'choice', choice: 'b' })
    second.unmount()
    const order = {
      kind: 'order',
      topic: 't',
      ask: '?',
      why: '.',
      lines: [],
      shown: [
        { id: 'b', words: 'second' },
        { id: 'a', words: 'first' },
      ],
      truth: ['a', 'b'],
    } as const satisfies DrillItem
    render(<OrderAnswer item={order} done={false} onAnswer={onAnswer} />)
    await userEvent.click(screen.getByRole('button', { name: 'first: earlier' }))
    await userEvent.click(screen.getByRole('button', { name: 'This is the order' }))
    expect(onAnswer).toHaveBeenLastCalledWith({ kind: 'order', order: ['a', 'b'] })
  })
})

describe('curves, lists, classes and written cases', () => {
  it('draw a curve with how sure its last point is, and say so for whoever does not see it', () => {
    render(
      <CurveChart
        title="Reading"
        points={[
          { at: 1, mean: 40, half: null, of: 1 },
          { at: 2, mean: 60, half: 20, of: 2 },
        ]}
      />,
    )
    expect(screen.getByRole('img', { name: 'Reading: 60 of 100 over the last 2 attempts.' })).toBeVisible()
    expect(screen.getByText('60 ± 20, from 2')).toBeVisible()
  })

  it('list attempts with what was passed and found', () => {
    const run = { id: 'r', by: 'w', at: 0, case: 'neck 1', file: null, class: null }
    const scores = { safety: 0, story: 50, reading: 80, technique: null, economy: 40, calibration: 0, conclusion: 100 }
    render(
      <RunsTable
        runs={[
          { ...run, judged: { at: 1, case: 'neck 1', passed: false, right: true, brier: 0.1, scores } },
          { ...run, id: 's', judged: null },
        ]}
        titles={{ of: {}, atOnce: false }}
      />,
    )
    expect(screen.getByText('no, unsafe')).toBeVisible()
    expect(screen.getByText('under way')).toBeVisible()
    expect(screen.getAllByRole('link', { name: 'neck 1' }).map((l) => l.getAttribute('href'))).toEqual(['/practice/run/r/replay', '/practice/run/s/story'])
  })

  it('set a class by lines, a written case by its title', async () => {
    render(<ClassForm written={[{ name: 'written 1', title: 'A Root' }]} known={null} />)
    await userEvent.type(screen.getByLabelText('Title'), 'Autumn')
    await userEvent.type(screen.getByLabelText('Cases, one a line'), 'Neck 14\na root')
    await userEvent.click(screen.getByRole('button', { name: 'Set the class' }))
    expect(sent[0]?.body).toMatchObject({ args: [expect.any(String), { title: 'Autumn', cases: ['neck 14', 'written 1'], closed: false }] })
    expect(push).toHaveBeenCalled()
  })

  it('write a case and see who comes of it, or what does not go together', async () => {
    render(<CaseEditor code="019b8d7b-cee0-7053-8554-554237e80530" file={emptyCase('back', 'x')} isKept={false} />)
    const person = screen.getByRole('region', { name: 'The person' })
    await userEvent.selectOptions(screen.getByLabelText('What truly hurts'), 'root-lumbar-low')
    expect(person).toHaveTextContent('What truly hurts: Lumbosacral radiculopathy (L4-S1), left')
    await userEvent.selectOptions(screen.getByLabelText('Something serious'), 'cauda-equina')
    expect(screen.getByRole('region', { name: 'The person' })).toHaveTextContent('Emergency, now.')
    await userEvent.selectOptions(screen.getByLabelText('A second source'), 'root-lumbar-low')
    expect(screen.getByText('The parts do not go together')).toBeVisible()
    await userEvent.type(screen.getByLabelText('Title, for teachers'), 'One')
    await userEvent.click(screen.getByRole('button', { name: 'Keep this case' }))
    expect(sent[0]?.url).toBe('/do/save-case')
  })
})
