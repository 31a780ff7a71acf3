import { printable } from '../../vocabulary/printable'

/** A text at whose first character a spreadsheet would begin to compute, or that was made safe already. */
const COMPUTES = /^'*[=+\-@\t\r\n\uff1d\uff0b\uff0d\uff20]/

/** A free text as a cell that stays a text in every spreadsheet: led by an apostrophe where it would be taken for a formula. Figures are no texts and pass. */
export function safeCell(text: string): string {
  const shown = printable(text)
  return COMPUTES.test(shown) ? `'${shown}` : shown
}

/** The text that was made safe. */
export function textOfCell(cell: string): string {
  return cell.startsWith("'") && COMPUTES.test(cell.slice(1)) ? cell.slice(1) : cell
}
