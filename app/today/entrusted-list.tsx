import { ScreenTitle } from '@/ui/screen-title'
import { type DayRow, Sheet, SheetSigns } from './sheet'

/** What a student may work on: examinations a practitioner entrusted to them. */
export function EntrustedList({ rows, title }: { readonly rows: readonly DayRow[]; readonly title: string }) {
  return (
    <>
      <ScreenTitle className="mt-7 text-3xl">{title}</ScreenTitle>
      <SheetSigns />
      <Sheet
        rows={rows}
        heading="Entrusted to you"
        empty="Nothing at the moment. The library is open to you; a practitioner can entrust an examination by a press on the name in it."
        at={null}
        offset={0}
      />
    </>
  )
}
