import { render, screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { emptyDraft, ruleOfDraft } from '@/core/clusters/draft'
import { REGISTER } from '@/core/evidence/register'
import { chooseForClinic, importRules, overrideFigure, saveRule, setPrior, tryRule } from './actions'
import { PretestSettings } from './pretest-settings'
import { RegisterTable } from './evidence/register-table'
import { RulesDesk } from './rules/rules-desk'
import { SchoolsSettings } from './schools-settings'
import { TurnsSettings } from './turns-settings'

vi.mock('next/navigation', () => ({ useRouter: () => ({ refresh: () => undefined }) }))
vi.mock('./actions', () => ({
  chooseForClinic: vi.fn(() => Promise.resolve(null)),
  overrideFigure: vi.fn(() => Promise.resolve(null)),
  setPrior: vi.fn(() => Promise.resolve(null)),
  saveRule: vi.fn(() => Promise.resolve(null)),
  importRules: vi.fn(() => Promise.resolve(null)),
  tryRule: vi.fn(() => Promise.resolve({ ok: true, lines: [{ examId: 'x', name: 'A person', at: 0, side: 'left', words: 'met, 1 of 1', met: true }] })),
}))
beforeEach(() => {
  vi.clearAllMocks()
})
const refusal = { what: 'This cannot be stored: source must say where the figure comes from.', kept: 'It is still here.', do: 'Correct it.' }

describe('schools and turns', () => {
  it('each choice is sent at once with all the others, and says that it is saved', async () => {
    render(<SchoolsSettings schools={{ 'slump-order': 'neck-first' }} mode="full-baseline" />)
    expect(screen.getByRole('radio', { name: 'Neck before trunk' })).toBeChecked()
    await userEvent.click(screen.getByRole('radio', { name: /^Four: distraction/ }))
    expect(chooseForClinic).toHaveBeenCalledWith(expect.any(String), 'schools', { 'slump-order': 'neck-first', 'pelvic-cluster': 'four' })
    expect(screen.getByRole('status')).toHaveTextContent('Saved.')
    await userEvent.click(screen.getByRole('radio', { name: /^Fewest position changes/ }))
    expect(chooseForClinic).toHaveBeenLastCalledWith(expect.any(String), 'mode', 'fewest-turns')
  })

  it('when the computer cannot be reached it says what was kept and what to do', async () => {
    vi.mocked(chooseForClinic).mockRejectedValueOnce(new TypeError('offline'))
    render(<SchoolsSettings schools={{}} mode="full-baseline" />)
    await userEvent.click(screen.getByRole('radio', { name: 'Neck before trunk' }))
    expect(screen.getByRole('status')).toHaveTextContent('could not be reached. What you typed is still here. Save again')
  })

  it('a turn takes whole seconds only, and goes back to what stood otherwise', async () => {
    render(<TurnsSettings own={[]} />)
    const field = screen.getByLabelText('Seconds from sitting to supine')
    await userEvent.clear(field)
    await userEvent.type(field, '45')
    await userEvent.tab()
    expect(chooseForClinic).toHaveBeenCalledWith(expect.any(String), 'turns', [{ from: 'sitting', to: 'supine', seconds: 45 }])
    await userEvent.clear(field)
    await userEvent.type(field, 'soon')
    await userEvent.tab()
    expect(field).toHaveValue('45')
    expect(chooseForClinic).toHaveBeenCalledTimes(1)
  })
})

describe('pretest probabilities', () => {
  it('are changed with a source, shown with their author, and given back', async () => {
    const own = [{ line: 'sij-pain', setting: 'referred' as const, p: 0.4, source: 'our audit', by: 'Somebody', at: 1 }]
    render(<PretestSettings setting="referred" own={own} />)
    const change = screen.getAllByRole('button', { name: /^Change Sacroiliac joint/ })[0]
    const row = change?.closest('tr')
    if (!change || !row) throw new Error('The line of the sacroiliac joint is there.')
    await userEvent.click(change)
    await userEvent.clear(within(row).getByLabelText(/Start in percent/))
    await userEvent.type(within(row).getByLabelText(/Start in percent/), '22,5')
    await userEvent.type(within(row).getByLabelText(/Source of the figure/), ' of last year')
    await userEvent.click(within(row).getByRole('button', { name: 'Save' }))
    expect(vi.mocked(setPrior).mock.calls[0]?.[1]).toMatchObject({ setting: 'referred', p: 0.225 })
  })

  it('the setting changes which figures are shown, and says where none is known', async () => {
    render(<PretestSettings setting="referred" own={[]} />)
    const assumed = screen.getAllByText('assumed, no study fits').length
    await userEvent.click(screen.getByRole('radio', { name: /First contact/ }))
    expect(screen.getAllByText('assumed, no study fits').length).toBeGreaterThan(assumed)
    expect(chooseForClinic).toHaveBeenCalledWith(expect.any(String), 'setting', 'first-contact')
  })
})

describe('the register', () => {
  it('is read by whoever does not lead, and changed by nobody else', () => {
    render(<RegisterTable rows={REGISTER} mayChange={false} />)
    expect(screen.getByRole('status')).toHaveTextContent(`${REGISTER.length} of ${REGISTER.length} rows`)
    expect(screen.queryByRole('button', { name: /^Own accuracy/ })).toBeNull()
  })

  it('finds by test, study or number, and can show only what changes the estimate', async () => {
    render(<RegisterTable rows={REGISTER} mayChange />)
    const status = screen.getAllByRole('status')[0]
    await userEvent.type(screen.getByRole('textbox', { name: 'Find' }), 'thigh thrust')
    const all = Number(status?.textContent.split(' ')[0])
    expect(all).toBeGreaterThan(1)
    expect(all).toBeLessThan(20)
    await userEvent.click(screen.getByRole('checkbox', { name: 'only rows that change the estimate' }))
    expect(Number(status?.textContent.split(' ')[0])).toBeLessThan(all)
  })

  it('an own figure is refused without a source, and the form keeps what was typed', async () => {
    vi.mocked(overrideFigure).mockResolvedValueOnce(refusal)
    render(<RegisterTable rows={REGISTER.filter((row) => row.id === 'A02')} mayChange />)
    await userEvent.click(screen.getByRole('button', { name: 'Own accuracy for A02' }))
    const form = screen.getByRole('form', { name: 'Own accuracy for A02' })
    const sens = within(form).getByLabelText('Sensitivity, 0 to 1')
    await userEvent.clear(sens)
    await userEvent.type(sens, '0,71')
    await userEvent.click(within(form).getByRole('button', { name: 'Save' }))
    expect(within(form).getByRole('status')).toHaveTextContent('must say where the figure comes from')
    expect(sens).toHaveValue('0,71')
    await userEvent.type(within(form).getByLabelText('Where the figure comes from'), 'our audit')
    await userEvent.click(within(form).getByRole('button', { name: 'Save' }))
    expect(vi.mocked(overrideFigure).mock.calls.at(-1)?.[1]).toMatchObject({ row: 'A02', figures: { sens: 0.71 }, source: 'our audit' })
    expect(screen.queryByRole('form')).toBeNull()
  })

  it('an own figure names its author and can be given back', async () => {
    const own = REGISTER.filter((row) => row.id === 'A02').map((row) => ({ ...row, own: { by: 'Somebody', at: 1 } }))
    render(<RegisterTable rows={own} mayChange />)
    expect(screen.getByText('Entered by this clinic: Somebody')).toBeVisible()
    await userEvent.click(screen.getByRole('button', { name: 'Own accuracy for A02' }))
    await userEvent.click(screen.getByRole('button', { name: 'Restore the published accuracy' }))
    expect(vi.mocked(overrideFigure).mock.calls[0]?.[1]).toMatchObject({ row: 'A02', figures: null })
  })
})

describe('own rules', () => {
  it('are written condition by condition, tried and saved', async () => {
    render(<RulesDesk rules={[]} />)
    await userEvent.click(screen.getByRole('button', { name: 'New rule' }))
    await userEvent.type(screen.getByLabelText('Name'), 'Thrust and thumb')
    await userEvent.selectOptions(screen.getByLabelText('Counts'), 'points')
    for (const kind of ['measured', 'told', 'age', 'painted']) {
      await userEvent.click(screen.getByRole('button', { name: 'Add a condition' }))
      const last = screen.getAllByLabelText(/^Condition \d+: kind$/).at(-1)
      if (last) await userEvent.selectOptions(last, kind)
    }
    await userEvent.selectOptions(screen.getByLabelText('Condition 1: side'), 'either')
    const [first] = screen.getAllByRole('checkbox', { name: 'not' })
    if (first) await userEvent.click(first)
    await userEvent.click(screen.getByRole('button', { name: /^Take out condition 4,/ }))
    await userEvent.click(screen.getByRole('button', { name: 'Try it on earlier examinations' }))
    expect(await screen.findByText('Met in 1 of 1 readings.')).toBeVisible()
    await userEvent.click(screen.getByRole('button', { name: 'Save rule' }))
    expect(vi.mocked(saveRule).mock.calls[0]?.[1]).toMatchObject({
      id: expect.stringMatching(/^own-/) as string,
      name: 'Thrust and thumb',
      figure: null,
      holds: {
        kind: 'weighted',
        points: 1,
        of: [
          { part: { kind: 'not', of: { leaf: { kind: 'positive', test: 'thigh-thrust', side: 'either' } } } },
          { part: { leaf: { kind: 'measured' } } },
          { part: { leaf: { kind: 'told' } } },
          { part: { leaf: { kind: 'painted' } } },
        ],
      },
    })
    expect(vi.mocked(tryRule)).toHaveBeenCalledTimes(1)
    expect(screen.queryByRole('form')).toBeNull()
  })

  it('can be changed, withdrawn, exported and brought in', async () => {
    const rule = { ...ruleOfDraft({ ...emptyDraft('own-x'), name: 'Thrust' }), withdrawn: false, by: 'Somebody', at: 1 }
    render(<RulesDesk rules={[rule]} />)
    expect(decodeURIComponent(screen.getByRole('link', { name: 'Export all as JSON' }).getAttribute('href') ?? '')).toMatch('"format": "dust-lantern-rules"')
    await userEvent.click(screen.getByRole('button', { name: 'Change Thrust' }))
    expect(screen.getByLabelText('Name')).toHaveValue('Thrust')
    await userEvent.click(screen.getByRole('button', { name: 'Leave without saving' }))
    await userEvent.click(screen.getByRole('button', { name: 'Withdraw Thrust' }))
    expect(vi.mocked(saveRule).mock.calls[0]?.[2]).toBe(true)
    await userEvent.upload(screen.getByLabelText('Import JSON'), new File(['{"rules":[]}'], 'rules.json', { type: 'application/json' }))
    expect(vi.mocked(importRules).mock.calls[0]?.[1]).toBe('{"rules":[]}')
  })
})
