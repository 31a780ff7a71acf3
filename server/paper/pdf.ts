import PDFDocument from 'pdfkit'
import { figureOf } from '../../core/figure/figure'
import { OWN } from '../../core/note/paragraph'
import { STATEMENT } from '../../core/note/statement'
import { drawFigure } from './draw-figure'
import { cutsOf, piecesOf, type Weight } from './letters'
import type { Block, Drawn, Paper } from './paper'

type Doc = PDFKit.PDFDocument

/** Edges of the page, in points; the foot holds what every page carries. */
const EDGE = { left: 54, right: 54, top: 48, bottom: 82 }
const INK = '#23262b'
const ASH = '#5c564e'
const HALT = '#93152b'
/** Height of a drawn movement, in points. */
const FIGURE_HEIGHT = 118

/**
 * A paper as a PDF: letters that ship with it, text that can be selected, a structure that is read aloud in order, and on every page the
 * person, the number, the date, the page, the version and the safety words.
 *
 * @param now - when it is made, in milliseconds since 1970
 */
export async function toPdf(papers: Paper | readonly Paper[], now: number): Promise<Buffer> {
  const all = isMany(papers) ? papers : [papers]
  const first = await drawn(all, now, 1)
  if (!all.every((paper) => paper.onePage) || first.pages <= all.length) return first.pdf
  // The drawings and the space between lines give way; the letters stay as large as they are.
  for (const roomy of CLOSER) {
    const closer = await drawn(all, now, roomy)
    if (closer.pages <= all.length) return closer.pdf
  }
  return first.pdf
}

/** Shares of the usual room that are tried one after the other. */
const CLOSER = [0.7, 0.45, 0.25] as const

function isMany(papers: Paper | readonly Paper[]): papers is readonly Paper[] {
  return Array.isArray(papers)
}

/** @param roomy - share of the usual room for drawings and between parts */
async function drawn(papers: readonly Paper[], now: number, roomy: number): Promise<{ readonly pdf: Buffer; readonly pages: number }> {
  const doc = new PDFDocument({
    size: 'A4',
    margins: EDGE,
    bufferPages: true,
    tagged: true,
    lang: 'en',
    displayTitle: true,
    pdfVersion: '1.7',
    info: { Title: papers[0]?.title ?? '', Creator: 'Dust Lantern', Producer: 'Dust Lantern', CreationDate: new Date(now), ModDate: new Date(now) },
  })
  const chunks: Buffer[] = []
  const whole = new Promise<Buffer>((resolve, reject) => {
    doc.on('data', (chunk: Buffer) => chunks.push(chunk))
    doc.on('end', () => resolve(Buffer.concat(chunks)))
    doc.on('error', reject)
  })
  const page = doc.struct('Document')
  doc.addStructure(page)
  const fonts = new Set<string>()
  const feet = papers.map((paper, i) => {
    if (i > 0) doc.addPage()
    const from = doc.bufferedPageRange().count - 1
    const writer = new Writer(doc, paper.size, roomy, fonts)
    for (const block of paper.blocks) writer.block(block, page)
    sayMissing(writer, page)
    return { paper, writer, from, count: doc.bufferedPageRange().count - from }
  })
  page.end()
  const pages = doc.bufferedPageRange().count
  for (const { paper, writer, from, count } of feet) onEveryPage(doc, writer, paper, { from, count })
  doc.end()
  return { pdf: await whole, pages }
}

function sayMissing(writer: Writer, page: PDFKit.PDFStructureElement): void {
  const { missing } = writer
  if (missing > 0)
    writer.block(
      {
        kind: 'text',
        text: `${missing} ${missing === 1 ? 'sign has' : 'signs have'} no letters here and stand as a mark. The text and the exam file hold them.`,
      },
      page,
    )
}

class Writer {
  missing = 0
  constructor(
    private readonly doc: Doc,
    private readonly size: number,
    private readonly roomy: number,
    /** Cuts the document has: one is read when it is first used. */
    private readonly fonts: Set<string>,
  ) {}

  block(block: Block, page: PDFKit.PDFStructureElement): void {
    const { doc, size } = this
    switch (block.kind) {
      case 'title': {
        this.tagged(page, 'H1', () => this.line(block.text, { weight: 700, size: size * 1.6, after: size * 0.5 * this.roomy }))
        return
      }
      case 'heading':
        // A heading stands with what it is about.
        if (doc.y > doc.page.height - EDGE.bottom - size * 4.5) doc.addPage()
        {
          this.tagged(page, 'H2', () =>
            this.line(block.text, { weight: 700, size: size * 1.15, before: size * 0.75 * this.roomy, after: size * 0.15 * this.roomy }),
          )
          return
        }
      case 'urgent': {
        this.tagged(page, 'P', () => this.line(block.text, { weight: 700, size: size * 1.2, colour: HALT, after: size * 0.4 }))
        return
      }
      case 'text': {
        this.tagged(page, 'P', () => this.line(block.text, { after: size * 0.25 * this.roomy }))
        return
      }
      case 'item': {
        this.tagged(page, 'P', () => this.line(`–  ${block.text}`, { indent: size, after: size * 0.25 * this.roomy }))
        return
      }
      case 'beside': {
        this.tagged(page, 'P', () => this.line(block.text, { indent: size * 2.2, colour: ASH, size: size * 0.93, after: size * 0.3 }))
        return
      }
      case 'own': {
        this.tagged(page, 'P', () => {
          this.line(OWN, { weight: 700, size: size * 0.9, colour: ASH, indent: size })
          for (const row of block.text.split('\n')) this.line(row, { indent: size, after: size * 0.15 })
        })
        return
      }
      case 'figures': {
        this.figures(block.figures, page)
        return
      }
    }
  }

  line(
    text: string,
    style: {
      readonly weight?: Weight
      readonly size?: number
      readonly colour?: string
      readonly indent?: number
      readonly before?: number
      readonly after?: number
      readonly at?: { readonly x: number; readonly y: number; readonly width: number; readonly align?: 'left' | 'right' | 'center' }
    },
  ): void {
    const { doc } = this
    const { weight = 400, size = this.size, colour = INK, indent = 0, before = 0, after = 0, at } = style
    const { pieces, missing } = piecesOf(text, weight)
    this.missing += missing
    doc.fontSize(size).fillColor(colour)
    if (at === undefined) doc.y += before
    const x = at?.x ?? EDGE.left + indent
    const width = at?.width ?? doc.page.width - EDGE.left - EDGE.right - indent
    pieces.forEach((piece, i) => {
      this.font(piece.cut, weight)
      const options = { width, lineGap: size * 0.16 * this.roomy, continued: i < pieces.length - 1, ...(at?.align && { align: at.align }) }
      if (i === 0) doc.text(piece.text, x, at?.y ?? doc.y, options)
      else doc.text(piece.text, options)
    })
    if (at === undefined) doc.y += pieces.length === 0 ? size : after
    doc.x = EDGE.left
  }

  private font(name: string, weight: Weight): void {
    const cut = cutsOf(weight).find((c) => c.name === name)
    if (cut && !this.fonts.has(name)) {
      this.doc.registerFont(name, cut.file)
      this.fonts.add(name)
    }
    this.doc.font(name)
  }

  private figures(figures: readonly Drawn[], page: PDFKit.PDFStructureElement): void {
    const { doc, size } = this
    if (figures.length === 0) return
    const room = doc.page.width - EDGE.left - EDGE.right
    const wide = Math.min(230, room / figures.length - 12)
    const high = FIGURE_HEIGHT * Math.max(0.55, this.roomy)
    if (doc.y + high + size * 3 > doc.page.height - EDGE.bottom) doc.addPage()
    const top = doc.y + 4
    let low = top
    figures.forEach((figure, i) => {
      const x = EDGE.left + i * (wide + 16)
      page.add(
        doc.struct('Figure', { alt: figure.says }, () => {
          drawFigure(doc, figureOf(figure.pose, figure.side, figure.angle), { x, y: top, width: wide, height: high })
        }),
      )
      page.add(
        doc.struct('P', {}, () => {
          this.line(figure.says, { at: { x, y: top + high + 4, width: wide } })
        }),
      )
      low = Math.max(low, doc.y)
    })
    doc.x = EDGE.left
    doc.y = low + size * 0.5 * this.roomy
  }

  private tagged(page: PDFKit.PDFStructureElement, kind: 'H1' | 'H2' | 'P', draw: () => void): void {
    page.add(this.doc.struct(kind, {}, draw))
  }
}

/** Person, number and date; page n of m; version; safety words. */
function onEveryPage(doc: Doc, writer: Writer, { title, about, version }: Paper, { from, count }: { readonly from: number; readonly count: number }): void {
  for (let n = 0; n < count; n++) {
    doc.switchToPage(from + n)
    // The foot lies below the edge of the text, which would begin a page of its own.
    doc.page.margins.bottom = 0
    const width = doc.page.width - EDGE.left - EDGE.right
    const y = doc.page.height - EDGE.bottom + 12
    doc.markContent('Artifact', { type: 'Pagination', attached: ['Bottom'] })
    doc
      .moveTo(EDGE.left, y - 5)
      .lineTo(EDGE.left + width, y - 5)
      .lineWidth(0.6)
      .stroke('#b9ae9d')
    const small = { size: 8, colour: ASH }
    writer.line(`${title}: ${about}`, { ...small, at: { x: EDGE.left, y, width: width - 90 } })
    writer.line(`page ${n + 1} of ${count}`, { ...small, at: { x: EDGE.left + width - 84, y, width: 84, align: 'right' } })
    writer.line(version, { ...small, at: { x: EDGE.left, y: y + (doc.heightOfString(`${title}: ${about}`, { width: width - 90 }) > 12 ? 22 : 11), width } })
    writer.line(STATEMENT, { ...small, at: { x: EDGE.left, y: doc.y, width } })
    doc.endMarkedContent()
  }
}
