import { readdirSync, readFileSync } from 'node:fs'
import ts from 'typescript'
import { describe, expect, it } from 'vitest'
import { CATALOGUE } from '@/core/catalogue'
import { SCHOOLS } from '@/core/catalogue/schools'
import { CLUSTERS } from '@/core/clusters'
import { REGISTER } from '@/core/evidence/register'
import { GATES } from '@/core/safety'
import { SCREEN } from '@/core/story/screen'
import { retiredIn } from '@/core/vocabulary/retired-words'
import { SOURCES } from '@/core/vocabulary/source'

/** What the patient hears, what a study called it, and what keeps an old name findable. */
const OTHER_REGISTER = new Set(['ask', 'alsoCalled', 'cite', 'quote', 'method', 'criterion', 'id', 'say', 'word', 'plain'])

/** Every text inside a value, without the keys of another register. */
function textsIn(value: unknown): readonly string[] {
  if (typeof value === 'string') return value.includes(' ') ? [value] : []
  if (Array.isArray(value)) return value.flatMap(textsIn)
  if (value === null || typeof value !== 'object') return []
  return Object.entries(value).flatMap(([key, part]) => (OTHER_REGISTER.has(key) ? [] : textsIn(part)))
}

/** Every text of a source file that can reach a screen: strings, templates and the text between tags. */
function textsOf(file: string): readonly string[] {
  const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true, ts.ScriptKind.TSX)
  const texts: string[] = []
  const visit = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node) || ts.isTypeNode(node)) return
    if (ts.isPropertyAssignment(node) && OTHER_REGISTER.has(node.name.getText())) return
    if (ts.isJsxAttribute(node) && node.name.getText() === 'className') return
    if (ts.isJsxText(node)) texts.push(node.text.replace(/\s+/g, ' ').trim())
    else if (ts.isStringLiteralLike(node) || ts.isTemplateHead(node) || ts.isTemplateMiddleOrTemplateTail(node)) texts.push(node.text)
    ts.forEachChild(node, visit)
  }
  visit(source)
  // An identifier in quotes is no text: it has no space, and no capital it begins with. What stands between two braces of code is none either.
  return texts.filter((text) => (text.includes(' ') || /^[A-Z]/.test(text)) && !/[({]\w*\)|=>/.test(text))
}

/** Pages and texts that the patient reads or hears. */
const PATIENT =
  /app\/bell\/|consent-words|core\/story\/screen|core\/note\/summary\.|core\/trainer\/(picture|say|story-words|story-questions|lay-words)\.|\.test\.|core\/vocabulary\/retired-words|core\/evidence\/(sources|reliability)\//

const told = (where: string, texts: readonly string[]) => texts.flatMap((text) => retiredIn(text).map(({ say }) => `${where}: “${text}”; say ${say}`))

describe('the words a practitioner reads', () => {
  it.each([
    ['catalogue', CATALOGUE],
    ['sources', SOURCES],
    ['rules', CLUSTERS],
    ['gates', GATES],
    ['groups of the safety screen', SCREEN.map((group) => group.name)],
    ['schools', SCHOOLS],
    ['register', REGISTER.map((row) => ({ ...row, from: undefined }))],
  ])('of the %s hold none that the dictionary retires', (where, value) => {
    expect(told(where, textsIn(value))).toEqual([])
  })

  const files = ['core', 'app', 'ui', 'server']
    .flatMap((folder) => readdirSync(folder, { recursive: true, encoding: 'utf8' }).map((file) => `${folder}/${file}`))
    .filter((file) => /\.tsx?$/.test(file) && !PATIENT.test(file))

  it('of the screens and of everything that is generated hold none either', () => {
    expect(files.length).toBeGreaterThan(300)
    expect(files.flatMap((file) => told(file, textsOf(file)))).toEqual([])
  })

  it('say no word twice in a row', () => {
    const twice = (text: string) => /(?<![\p{L}-])(\(?\p{L}{2,}\)?) \1(?![\p{L}-])/iu.test(text)
    expect([CATALOGUE, SOURCES, CLUSTERS, GATES, SCREEN, SCHOOLS].flatMap(textsIn).filter(twice)).toEqual([])
    expect(
      files.flatMap((file) =>
        textsOf(file)
          .filter(twice)
          .map((text) => `${file}: “${text}”`),
      ),
    ).toEqual([])
    expect(['a joint joint', 'the cord (myelopathy) (myelopathy)'].every(twice)).toBe(true)
  })

  it('would be found', () => {
    for (const text of ['Own pain on pressing', 'not lit', 'The leading figure', 'open or out of reach', 'Lies face down', '0.02 bit a minute'])
      expect(retiredIn(text), text).not.toEqual([])
    for (const text of ['Familiar pain on pressing', 'thumb on the back of the thigh', 'The estimate', 'Prone', 'SI joint, 3 of 5'])
      expect(retiredIn(text), text).toEqual([])
  })
})
