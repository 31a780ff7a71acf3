'use client'

import { useState } from 'react'
import { TEMPLATES, type TemplateId } from '@/core/note/template'
import { Choice } from '@/ui/choice'
import { chooseForClinic } from './actions'
import { SavedNote } from './saved-note'
import { useSaving } from './use-saving'

/** How notes are laid out here. The statements are the same in every layout, and another can be chosen on each note. */
export function NoteSettings({ template }: { readonly template: TemplateId }) {
  const saving = useSaving()
  const [chosen, setChosen] = useState(template)
  return (
    <section aria-labelledby="note-layout" className="mt-6 rounded-card border border-hair bg-sheet px-5 py-4">
      <h2 id="note-layout" className="text-xl">
        Layout of notes
      </h2>
      <p className="mt-1 text-ash">The same statements in another order. On each note another layout can be chosen.</p>
      <SavedNote saving={saving} />
      <Choice
        name="Layout of notes"
        className="mt-2"
        stacked
        value={chosen}
        options={TEMPLATES.map((t) => ({ id: t.id, words: `${t.name}. ${t.says}` }))}
        onChange={(id) => {
          setChosen(id)
          void saving.save((entry) => chooseForClinic(entry, 'template', id))
        }}
      />
    </section>
  )
}
