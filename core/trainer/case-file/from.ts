import * as yup from 'yup'
import { issuesWith } from '../../exchange/issues'
import type { Issue } from '../../exchange/exam-file/file'
import { oneOf, recordOf, SLUG, shape, words } from '../../record/shapes'
import { FACTS } from '../../story/facts'
import { SCREEN } from '../../story/screen'
import { patientFrom } from '../generate'
import { CASE_REGIONS, PICTURES, PLAYED } from '../picture'
import { SERIOUS } from '../serious'
import type { SimulatedPatient } from '../simulated-patient'
import { TRAPS } from '../trap'
import { CASE_FORMAT, CASE_VERSION, type CaseFile } from './file'

type Some = readonly [string, ...string[]]
const ITEMS = SCREEN.flatMap((group) => group.items.map((item) => item.id)) as unknown as Some
const SERIOUS_IDS = Object.keys(SERIOUS) as unknown as Some
const TRAP_IDS = Object.keys(TRAPS) as unknown as Some
const items = yup
  .array()
  .strict()
  .max(ITEMS.length)
  .of(oneOf(...ITEMS))
  .required()

/** A case as it travels. */
export const CASE_FILE = shape({
  format: oneOf(CASE_FORMAT),
  version: yup.number().strict().oneOf([CASE_VERSION]).required(),
  title: words(120).min(1, '${path} is empty'),
  region: oneOf(...CASE_REGIONS),
  seed: words(60).min(1, '${path} is empty'),
  sources: yup
    .array()
    .strict()
    .max(2)
    .of(shape({ source: oneOf(...PLAYED), side: oneOf('left', 'right'), level: yup.string().strict().nullable().defined().max(20) }))
    .required(),
  serious: yup
    .string()
    .strict()
    .nullable()
    .defined()
    .oneOf([...SERIOUS_IDS, null]),
  traps: yup
    .array()
    .strict()
    .max(3)
    .of(oneOf(...TRAP_IDS))
    .required(),
  irritability: oneOf('low', 'moderate', 'high'),
  sensitivity: yup.number().strict().min(-2).max(3).required(),
  suggestible: yup.boolean().strict().required(),
  manner: oneOf('terse', 'plain', 'talkative'),
  ageYears: yup.number().strict().integer().min(16).max(95).nullable().defined(),
  words: words(300),
  began: words(300),
  yes: items,
  no: items,
  facts: recordOf(SLUG, oneOf('yes', 'no'), { max: FACTS.length, what: 'answers to questions of the history' }),
  teaches: words(1000),
}).required()

/** A case that was read, or everything that is wrong with it. */
export type ReadCase = { readonly ok: true; readonly file: CaseFile } | { readonly ok: false; readonly issues: readonly Issue[] }

/** Read a case. Everything wrong is told at once, with where it stands; nothing is guessed and nothing dropped. */
export function readCaseFile(input: unknown): ReadCase {
  const issues = issuesWith(CASE_FILE, input)
  if (issues.length > 0) return { ok: false, issues }
  // Validated just above.
  const file = input as CaseFile
  const more = fits(file)
  return more.length > 0 ? { ok: false, issues: more } : { ok: true, file }
}

/** What a shape cannot see: whether its parts go together. */
function fits(file: CaseFile): readonly Issue[] {
  const facts: ReadonlySet<string> = new Set(FACTS.map((f) => f.id))
  return [
    ...file.sources.flatMap(({ source, level }, i): Issue[] =>
      level === null || PICTURES[source].at.some((line) => line.level === level)
        ? []
        : [
            {
              pointer: `/sources/${i}/level`,
              what: `is no level of this source; it has ${[...new Set(PICTURES[source].at.map((l) => l.level ?? 'none'))].join(', ')}`,
            },
          ],
    ),
    ...(new Set(file.sources.map((s) => s.source)).size < file.sources.length ? [{ pointer: '/sources/1', what: 'is the same source again' }] : []),
    ...file.traps.flatMap((trap, i): Issue[] =>
      TRAPS[trap].region === file.region ? [] : [{ pointer: `/traps/${i}`, what: `belongs to the ${TRAPS[trap].region}` }],
    ),
    ...Object.keys(file.facts).flatMap((fact): Issue[] => (facts.has(fact) ? [] : [{ pointer: `/facts/${fact}`, what: 'is no question of the history' }])),
    ...file.yes.flatMap((item, i): Issue[] => (file.no.includes(item) ? [{ pointer: `/yes/${i}`, what: 'is among the answers with no as well' }] : [])),
    ...SCREEN.flatMap((g) => g.items).flatMap((item): Issue[] => {
      const parent = 'onlyIf' in item ? item.onlyIf : undefined
      const index = file.yes.findIndex((y) => y === item.id)
      return parent !== undefined && index !== -1 && !file.yes.includes(parent) && file.serious !== 'neck-fracture'
        ? [{ pointer: `/yes/${index}`, what: `is asked only after a yes to ${parent}` }]
        : []
    }),
  ]
}

/** The person of a written case: the same file gives the same person everywhere. */
export function patientOfCase(file: CaseFile, name: string): SimulatedPatient {
  const drawn = patientFrom(
    {
      region: file.region,
      // A trap without a source of its own brings the one it is about.
      ...((file.sources.length > 0 || file.traps.length === 0) && {
        sources: file.sources.map(({ level, ...s }) => ({ ...s, ...(level !== null && { level }) })),
      }),
      serious: file.serious,
      traps: file.traps,
      irritability: file.irritability,
      sensitivity: file.sensitivity,
    },
    `${name} ${file.seed}`,
  )
  const [first, ...rest] = drawn.symptoms
  return {
    ...drawn,
    case: name,
    ageYears: file.ageYears ?? drawn.ageYears,
    symptoms: first ? [{ ...first, words: file.words || first.words }, ...rest] : [],
    began: file.began || drawn.began,
    suggestible: file.suggestible,
    manner: file.manner,
    screen: {
      ...drawn.screen,
      ...Object.fromEntries(file.yes.map((item) => [item, 'yes' as const])),
      ...Object.fromEntries(file.no.map((item) => [item, 'no' as const])),
    },
    facts: { ...drawn.facts, ...file.facts },
  }
}
