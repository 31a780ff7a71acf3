import type { TemplateId } from '@/core/note/template'

/** Who was examined, when and by whom, for what leaves the screen on paper, and how this clinic lays out a note. */
export interface Titled {
  /** One line with all of it, as a note begins. */
  readonly who: string
  /** Name, age, work and number. */
  readonly about: string
  readonly name: string
  readonly born: string | null
  readonly when: string
  readonly by: string
  /** "101-2026-11-27": names files without naming the person. */
  readonly stem: string
  readonly template: TemplateId
  /** It came as a file, and a signature in it is what the file says; absent in what an earlier version kept. */
  readonly claimed?: boolean | undefined
}

/** The same from what an earlier version kept on this device. */
export function titledFrom(title: { readonly who: string; readonly fileName: string; readonly paper?: Titled | undefined }, name: string): Titled {
  return (
    title.paper ?? {
      who: title.who,
      about: title.who.split('. Examined')[0] ?? title.who,
      name,
      born: null,
      when: '',
      by: '',
      stem: title.fileName.replace(/^note-|\.txt$/g, ''),
      template: 'full',
    }
  )
}
