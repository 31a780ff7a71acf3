import type { PartId, Section, Statement } from './section'
import { STAGES } from './section'

/** Ways the note can be laid out. The statements are the same in all of them. */
export const TEMPLATES = [
  { id: 'full', name: 'Full', says: 'Everything, the conclusion first.' },
  { id: 'short', name: 'Short', says: 'Conclusion, safety, complaint, results and change; no stages, rules, plan or schools.' },
  { id: 'soap', name: 'SOAP order', says: 'Subjective, objective, assessment, plan; what is urgent stands before all of it.' },
] as const
export type TemplateId = (typeof TEMPLATES)[number]['id']

/** Sections that stand together under one title; without a title they stand by themselves. */
export interface Group {
  readonly title: string | null
  readonly sections: readonly Section[]
}

const SHORT: ReadonlySet<PartId> = new Set<PartId>([
  'who',
  'late',
  'short',
  'story',
  'safety',
  'tests',
  'sources',
  'change',
  'words',
  'about',
  'signature',
  'check',
  'addendum',
  'papers',
])

const SOAP: readonly { readonly title: string | null; readonly of: readonly PartId[] }[] = [
  { title: null, of: ['who', 'late'] },
  { title: 'Subjective', of: ['story', 'safety'] },
  { title: 'Objective', of: ['tests', 'change'] },
  { title: 'Assessment', of: ['short', 'rules', 'sources', 'level'] },
  { title: 'Plan', of: ['plan', 'schools'] },
  { title: null, of: ['words', 'about', 'signature', 'check', 'addendum', 'papers'] },
]

/** The sections of a note in the order of a template. */
export function arranged(sections: readonly Section[], template: TemplateId): readonly Group[] {
  switch (template) {
    case 'full':
      return [{ title: null, sections }]
    case 'short':
      return [
        {
          title: null,
          sections: sections.filter((s) => SHORT.has(s.id)).map((s) => ({ ...s, statements: s.statements.filter((one) => !one.text.startsWith(STAGES)) })),
        },
      ]
    case 'soap': {
      const groups = SOAP.map(({ title, of }) => ({ title, sections: of.flatMap((id) => sections.filter((s) => s.id === id)) }))
      const urgent = sections.find((s) => s.id === 'short')?.statements.filter(isUrgent) ?? []
      const [who, ...rest] = groups.filter((g) => g.sections.length > 0)
      if (urgent.length === 0 || !who) return groups.filter((g) => g.sections.length > 0)
      return [who, { title: null, sections: [{ id: 'short', heading: 'Urgent', statements: urgent }] }, ...rest]
    }
  }
}

/** A halt stands first, whatever the order. */
function isUrgent({ from }: Statement): boolean {
  return from.some((reason) => reason.kind === 'gate')
}

/** Is this the name of a template? */
export function isTemplate(name: unknown): name is TemplateId {
  return TEMPLATES.some((t) => t.id === name)
}
