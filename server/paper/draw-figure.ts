import { clothesLines } from '../../core/figure/clothes-lines'
import { contour } from '../../core/figure/contour'
import type { Body, Figure, Hand, Limb } from '../../core/figure/figure'
import { handShape } from '../../core/figure/hand-shape'
import { headLines } from '../../core/figure/head-lines'
import { pushLines } from '../../core/figure/push-lines'

type Doc = PDFKit.PDFDocument

/** The colours of the day, on paper. */
const C = {
  skin: '#eee2d0',
  shade: '#d9cab3',
  line: '#6a5f50',
  cloth: '#c9bda8',
  shorts: '#b4a78f',
  hair: '#5d5347',
  hands: '#fffdf8',
  sleeve: '#8fa0a6',
  ink: '#23262b',
  lantern: '#b8690f',
} as const

const MARGIN = 7

/** Draw the person at one stage into a box, with the examiner's hands, as the bench does. Centimetres in, points out. */
export function drawFigure(doc: Doc, figure: Figure, box: { readonly x: number; readonly y: number; readonly width: number; readonly height: number }): void {
  const { min, max } = figure.bounds
  const [wide, high] = [max.x - min.x + MARGIN * 2, max.y - min.y + MARGIN * 2]
  const scale = Math.min(box.width / wide, box.height / high)
  doc.save()
  doc.translate(box.x + (box.width - wide * scale) / 2, box.y + (box.height - high * scale) / 2)
  doc.scale(scale)
  doc.translate(MARGIN - min.x, MARGIN + max.y)
  // The rest of a body that sits lies below what is shown, as on the bench.
  doc.rect(min.x - MARGIN, -max.y - MARGIN, wide, high).clip()
  doc.lineJoin('round').lineCap('round')
  drawSupport(doc, figure.support)
  const isArm = (l: Limb) => l.id.includes('arm')
  const front = figure.head.seen !== 'profile'
  const behind = front ? [] : figure.limbs.filter((l) => l.layer === 'far')
  const body = figure.limbs.filter((l) => !isArm(l) && (front || l.layer === 'near'))
  const arms = figure.limbs.filter((l) => isArm(l) && (front || l.layer === 'near'))
  silhouette(doc, behind, C.shade)
  silhouette(doc, body, C.skin)
  clothes(doc, body)
  drawHead(doc, figure.head)
  silhouette(doc, arms, C.skin)
  for (const hand of figure.hands) drawHand(doc, hand)
  doc.restore()
}

function drawSupport(doc: Doc, { kind, seen, from, to, floor }: Body['support']): void {
  const width = to.x - from.x
  if (seen === 'above') {
    doc.roundedRect(from.x, -36, width, 72, 9).fill('#dcd3c5')
    return
  }
  const top = -from.y + 0.6
  if (kind === 'floor') {
    doc.roundedRect(from.x, top, width, 2.4, 1.2).fill(C.shorts)
    return
  }
  const deep = Math.max(4, from.y - floor - 5)
  doc
    .roundedRect(from.x, top, width, 5, 2.5)
    .rect(from.x + 12, top + 5, 3, deep)
    .rect(to.x - 15, top + 5, 3, deep)
    .fill(C.shorts)
}

/** Limbs that belong together as one outline. */
function silhouette(doc: Doc, limbs: readonly Limb[], fill: string): void {
  const paths = limbs.map((l) => contour(l.chain)).filter(Boolean)
  for (const d of paths) doc.path(d).lineWidth(2).stroke(C.line)
  for (const d of paths) doc.path(d).fill(fill)
}

/** A shirt and shorts, cut to the body's own outline. */
function clothes(doc: Doc, limbs: readonly Limb[]): void {
  const paths = limbs.map((l) => contour(l.chain)).filter(Boolean)
  if (paths.length === 0) return
  const { shirt, shorts } = clothesLines(limbs)
  doc.save()
  for (const d of paths) doc.path(d)
  doc.clip('non-zero')
  for (const d of shirt) doc.path(d).fill(C.cloth)
  for (const d of shorts) doc.path(d).fill(C.shorts)
  doc.restore()
}

function drawHead(doc: Doc, head: Body['head']): void {
  const { at, turn, outline, hair, ears, lobes, pupils, features } = headLines(head)
  doc.save()
  doc.translate(at.x, at.y)
  doc.rotate(turn)
  for (const ear of ears) doc.ellipse(ear.x, ear.y, ear.wide, ear.high).lineWidth(1).fillAndStroke(C.skin, C.line)
  doc.path(outline).lineWidth(1.1).fillAndStroke(C.skin, C.line)
  doc.save()
  doc.path(outline).clip()
  doc.path(hair).fill(C.hair)
  doc.restore()
  for (const d of lobes) doc.path(d).lineWidth(0.9).fillAndStroke(C.skin, C.line)
  doc.lineWidth(0.95)
  for (const d of features) doc.path(d).stroke(C.line)
  for (const eye of pupils) doc.circle(eye.x, eye.y, eye.r).fill(C.line)
  doc.restore()
}

function drawHand(doc: Doc, hand: Hand): void {
  const { parts, forearm, sleeve } = handShape(hand)
  doc.save()
  doc.translate(hand.at.x, -hand.at.y)
  doc.rotate(-(hand.from + 180))
  doc.scale(0.82)
  doc.path(sleeve).lineWidth(0.9).fillAndStroke(C.sleeve, C.ink)
  doc.path(forearm).lineWidth(1.1).fillAndStroke(C.hands, C.ink)
  for (const d of parts) doc.path(d).lineWidth(2.1).stroke(C.ink)
  for (const d of parts) doc.path(d).fill(C.hands)
  doc.restore()
  if (hand.push === null) return
  const { path, wide, ring } = pushLines(hand.at, hand.push)
  if (ring) doc.circle(ring.x, ring.y, ring.r).lineWidth(ring.wide).stroke(C.lantern)
  doc.path(path).lineWidth(wide).stroke(C.lantern)
}
