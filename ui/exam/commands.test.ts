import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { COMMAND_IDS, COMMANDS, commandOf, letterOf, type OwnKeys, withLetter } from './commands'

const LETTERS = 'abcdefghijklmnopqrstuvwxyz'.split('')

describe('the letters of the bench', () => {
  it('are one a command', () => {
    expect(new Set(COMMAND_IDS.map((id) => COMMANDS[id].key)).size).toBe(COMMAND_IDS.length)
  })

  it('can be changed in any order and as often as wanted: none is lost, and none stands for two', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.constantFrom(...COMMAND_IDS), fc.constantFrom(...LETTERS))), (changes) => {
        const own = changes.reduce<OwnKeys>((keys, [command, letter]) => withLetter(command, letter, keys), {})
        const letters = COMMAND_IDS.map((id) => letterOf(id, own))
        expect(new Set(letters).size).toBe(COMMAND_IDS.length)
        for (const id of COMMAND_IDS) expect(commandOf(letterOf(id, own), own)).toBe(id)
        const last = changes.at(-1)
        if (last) expect(commandOf(last[1], own)).toBe(last[0])
      }),
    )
  })

  it('keep only what differs from the usual ones', () => {
    const own = withLetter('go', 'z', {})
    expect(own).toEqual({ go: 'z', rate: 'g' })
    expect(withLetter('go', 'g', own)).toEqual({})
    // Chosen before the program gave that letter to anything.
    expect(commandOf('z', { go: 'z' })).toBe('go')
    expect(withLetter('go', 'n', {})).toEqual({ go: 'n', next: 'g' })
  })
})
