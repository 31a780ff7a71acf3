import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { create, type Font } from 'fontkit'
import { printable } from '../../core/vocabulary/printable'

/** One cut of the letters that ship. */
interface Cut {
  readonly name: string
  readonly file: Buffer
  readonly has: (codePoint: number) => boolean
}

const FILES = [
  ['@fontsource/atkinson-hyperlegible-next', 'atkinson-hyperlegible-next-latin'],
  ['@fontsource/atkinson-hyperlegible-next', 'atkinson-hyperlegible-next-latin-ext'],
  ['@fontsource/noto-sans', 'noto-sans-latin'],
  ['@fontsource/noto-sans', 'noto-sans-latin-ext'],
  ['@fontsource/noto-sans', 'noto-sans-greek'],
  ['@fontsource/noto-sans', 'noto-sans-greek-ext'],
  ['@fontsource/noto-sans', 'noto-sans-cyrillic'],
  ['@fontsource/noto-sans', 'noto-sans-cyrillic-ext'],
  ['@fontsource/noto-sans', 'noto-sans-vietnamese'],
] as const

export type Weight = 400 | 700

const cuts = new Map<Weight, readonly Cut[]>()

/** The letters of a weight, the first that has a sign is taken. */
export function cutsOf(weight: Weight): readonly Cut[] {
  const known = cuts.get(weight)
  if (known) return known
  const find = createRequire(`${process.cwd()}/package.json`)
  const read = FILES.map(([from, name]): Cut => {
    const file = readFileSync(find.resolve(`${from}/files/${name}-${weight}-normal.woff`))
    const font = create(file) as Font
    const signs = new Set(font.characterSet)
    return { name: `${name}-${weight}`, file, has: (codePoint) => signs.has(codePoint) }
  })
  cuts.set(weight, read)
  return read
}

/** A piece of a text that one cut can set. */
export interface Piece {
  readonly cut: string
  readonly text: string
}

/** Signs that no cut has, in letters. */
const IN_LETTERS: Readonly<Record<string, string>> = {
  '≥': '>=',
  '≤': '<=',
  '→': '->',
  '←': '<-',
  '′': "'",
  '″': '"',
  '\t': '  ',
  '\u00a0': ' ',
  '\u202f': ' ',
}

/** Stands where a sign cannot be set. */
const CANNOT = '\ufffd'

/** A text as pieces, each in a cut that has its signs; how many signs could not be set at all. */
export function piecesOf(text: string, weight: Weight): { readonly pieces: readonly Piece[]; readonly missing: number } {
  const all = cutsOf(weight)
  const pieces: { cut: string; text: string }[] = []
  let missing = 0
  for (const sign of printable(text).replaceAll('\n', ' ').normalize('NFC')) {
    for (const letter of IN_LETTERS[sign] ?? sign) {
      const has = all.find((cut) => cut.has(letter.codePointAt(0) ?? 0))
      if (!has) missing++
      const cut = has ?? all.find((c) => c.has(CANNOT.codePointAt(0) ?? 0)) ?? all[0]
      const name = cut?.name ?? ''
      const last = pieces.at(-1)
      // A space belongs to whatever stands before it.
      if (last && (last.cut === name || letter === ' ')) last.text += has ? letter : CANNOT
      else pieces.push({ cut: name, text: has ? letter : CANNOT })
    }
  }
  return { pieces, missing }
}
