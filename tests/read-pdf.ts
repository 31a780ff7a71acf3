import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'

/** What another program reads in a PDF. */
export interface ReadPdf {
  /** The text of each page, in the order of its lines. */
  readonly pages: readonly string[]
  readonly title: string
  readonly language: string
  /** Kinds of the structure that is read aloud, in their order: "H1", "P", "Figure" ... */
  readonly structure: readonly string[]
  /** What is said in place of each figure. */
  readonly alternatives: readonly string[]
}

interface Node {
  readonly role?: string
  readonly alt?: string
  readonly children?: readonly Node[]
}

/** Read a PDF with a program that knows nothing of the one that wrote it. */
export async function readPdf(bytes: Uint8Array): Promise<ReadPdf> {
  const task = getDocument({ data: new Uint8Array(bytes), verbosity: 0 })
  const document = await task.promise
  const pages: string[] = []
  const structure: string[] = []
  const alternatives: string[] = []
  for (let n = 1; n <= document.numPages; n++) {
    const page = await document.getPage(n)
    const content = await page.getTextContent()
    pages.push(
      content.items
        .map((item) => ('str' in item ? item.str + (item.hasEOL ? '\n' : '') : ''))
        .join('')
        .replace(/[ \n]+/g, ' '),
    )
    const walk = (node: Node) => {
      if (node.role && node.role !== 'Root') structure.push(node.role)
      if (node.alt !== undefined) alternatives.push(node.alt)
      for (const child of node.children ?? []) walk(child)
    }
    // What a browser prints may have none.
    const tree = (await page.getStructTree()) as Node | null
    if (tree) walk(tree)
  }
  const { info } = (await document.getMetadata()) as { info: { Title?: string; Language?: string } }
  await task.destroy()
  return { pages, title: info.Title ?? '', language: info.Language ?? '', structure, alternatives }
}
