// Reads a PDF in a thread of its own: the reader changes the globals of the world it is loaded into, and no other test may meet that.
import { parentPort } from 'node:worker_threads'
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'

parentPort.on('message', ({ id, bytes }) => {
  read(bytes).then(
    (read) => parentPort.postMessage({ id, read }),
    (error) => parentPort.postMessage({ id, failed: String(error) }),
  )
})

async function read(bytes) {
  const task = getDocument({ data: bytes, verbosity: 0 })
  const document = await task.promise
  const pages = []
  const structure = []
  const alternatives = []
  const walk = (node) => {
    if (node.role && node.role !== 'Root') structure.push(node.role)
    if (node.alt !== undefined) alternatives.push(node.alt)
    for (const child of node.children ?? []) walk(child)
  }
  for (let n = 1; n <= document.numPages; n++) {
    const page = await document.getPage(n)
    const { items } = await page.getTextContent()
    pages.push(
      items
        .map((item) => ('str' in item ? item.str + (item.hasEOL ? '\n' : '') : ''))
        .join('')
        .replace(/[ \n]+/g, ' '),
    )
    // What a browser prints may have none.
    const tree = await page.getStructTree()
    if (tree) walk(tree)
  }
  const { info } = await document.getMetadata()
  await task.destroy()
  return { pages, title: info.Title ?? '', language: info.Language ?? '', structure, alternatives }
}
