import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { LONGEST, passwordIssue, pinIssue, SHORTEST } from './password-rules'

describe('a password', () => {
  it.each(['three slow ferries at dusk', 'Gull-over-9-chimneys', 'ткань и тёплый ветер', '旅人は夜明けに鐘を鳴らすのだ', 'x9 Qv!m2 rT#8'])(
    '%s is one',
    (password) => {
      expect(passwordIssue(password, ['Wenna Saltmarsh', 'wenna'])).toBeNull()
    },
  )

  it.each([
    ['short words', 'needs 12'],
    ['password1234', 'guessed first'],
    ['Passw0rdPassw0rd!', 'guessed first'],
    ['aaaaaaaaaaaaaa', 'repeats'],
    ['abababababab', 'repeats'],
    ['abcdefghijklmnop', 'row of keys'],
    ['987654321098', 'row of keys'],
    ['qwertyuiop1234', 'row of keys'],
    ['WennaSaltmarsh1', 'own name'],
    ['wenna.saltmarsh', 'own name'],
  ])('%s is none: %s', (password, why) => {
    expect(passwordIssue(password, ['Wenna Saltmarsh', 'wenna'])).toMatch(why)
  })

  it('has to be long, and of no kind of letters in particular', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: SHORTEST - 1 }), (text) => {
        expect(passwordIssue(text, [])).toMatch('needs 12')
      }),
    )
    expect(passwordIssue('lamp and gull '.repeat(20), [])).toMatch(`up to ${LONGEST}`)
  })

  it('whatever is typed gets an answer', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 200 }), fc.array(fc.string(), { maxLength: 3 }), (text, own) =>
        [null, 'string'].includes(passwordIssue(text, own) && 'string'),
      ),
    )
  })
})

describe('a PIN', () => {
  it('is four to eight digits that nobody tries first', () => {
    for (const pin of ['4917', '28 4'.replace(' ', '07'), '60719523']) expect(pinIssue(pin), pin).toBeNull()
    for (const pin of ['', '123', '1234', '4321', '1111', '1212', '123456789', 'abcd']) expect(pinIssue(pin), pin).not.toBeNull()
  })
})
