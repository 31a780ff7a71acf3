import { contour } from '../../core/figure/contour'
import type { Body, Figure, Hand, Limb } from '../../core/figure/figure'
import { between, go, type Point } from '../../core/figure/geometry'
import { handShape } from '../../core/figure/hand-shape'
import { headShape, turnOf } from '../../core/figure/head-shape'
import { closedPath, xy } from '../../core/figure/path'

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
  doc.save()
  for (const d of paths) doc.path(d)
  doc.clip('non-zero')
  const trunk = limbs.filter((l) => l.id === 'trunk' || l.id === 'spine' || l.id === 'flank-shoulders')
  for (const l of trunk) doc.path(contour(l.chain.map((s) => ({ ...s, half: s.half + 1 })))).fill(C.cloth)
  const hips = trunk.flatMap((l) => (l.id === 'trunk' ? l.chain.slice(0, 3) : l.id === 'spine' ? l.chain.slice(-2) : []))
  if (hips.length > 1)
    doc
      .path(
        contour(
          hips.map((s) => ({ ...s, half: s.half + 1.5 })),
          0.2,
        ),
      )
      .fill(C.shorts)
  for (const { chain } of limbs.filter((l) => l.id.endsWith('-leg'))) {
    const [a, b, c] = chain
    if (!a || !b || !c) continue
    const hem = { at: between(b.at, c.at, 0.45), half: b.half + (c.half - b.half) * 0.45 }
    doc
      .path(
        contour(
          [a, b, hem].map((s) => ({ ...s, half: s.half + 1 })),
          0.25,
        ),
      )
      .fill(C.shorts)
  }
  doc.restore()
}

function drawHead(doc: Doc, head: Body['head']): void {
  const shape = headShape(turnOf(head))
  const r = head.half
  const scaled = (p: Point): Point => ({ x: p.x * r, y: p.y * r })
  const outline = closedPath(shape.outline.map(scaled))
  const hair = closedPath([
    ...shape.hair.map(scaled),
    { x: r * 1.5, y: r * 0.6 },
    { x: r * 1.3, y: r * 1.6 },
    { x: -r * 1.3, y: r * 1.6 },
    { x: -r * 1.5, y: r * 0.6 },
  ])
  doc.save()
  doc.translate(head.at.x, -head.at.y)
  doc.rotate(90 - head.crown)
  for (const ear of shape.ears)
    doc
      .ellipse(ear.at.x * r, -ear.at.y * r, 1.9 * ear.wide + 0.3, 2.7)
      .lineWidth(1)
      .fillAndStroke(C.skin, C.line)
  doc.path(outline).lineWidth(1.1).fillAndStroke(C.skin, C.line)
  doc.save()
  doc.path(outline).clip()
  doc.path(hair).fill(C.hair)
  doc.restore()
  doc.lineWidth(0.95)
  for (const eye of shape.eyes) {
    doc.path(`M${eye.at.x * r - 1.3 * eye.wide} ${-eye.at.y * r}q${1.3 * eye.wide} -1.3 ${2.6 * eye.wide} 0`).stroke(C.line)
    doc.circle(eye.at.x * r, -eye.at.y * r - 0.1, 0.75).fill(C.line)
  }
  if (shape.nose && shape.eyes.length > 1)
    doc.path(`M${xy(scaled(shape.nose.bridge))}L${xy(scaled(shape.nose.tip))}l${shape.nose.tip.x > 0 ? -1.1 : 1.1} 0.5`).stroke(C.line)
  if (shape.mouth)
    doc.path(`M${shape.mouth.at.x * r - 2 * shape.mouth.wide} ${-shape.mouth.at.y * r}q${2 * shape.mouth.wide} 0.9 ${4 * shape.mouth.wide} 0`).stroke(C.line)
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
  if (hand.push !== null) drawPush(doc, hand.at, hand.push)
}

/** Which way the hand pushes: an arrow, or a crossed ring when it goes straight in. */
function drawPush(doc: Doc, at: Point, push: number | 'in'): void {
  if (push === 'in') {
    doc.circle(at.x, -at.y, 8.4).lineWidth(1.8).stroke(C.lantern)
    doc
      .path(`M${at.x - 8.4} ${-at.y}h-4M${at.x + 8.4} ${-at.y}h4M${at.x} ${-at.y - 8.4}v-4M${at.x} ${-at.y + 8.4}v4`)
      .lineWidth(1.5)
      .stroke(C.lantern)
    return
  }
  const [from, tip] = [go(at, push, 8), go(at, push, 23)]
  const barb = (turn: number) => go(tip, push + turn, 5.5)
  doc
    .path(`M${xy(from)}L${xy(tip)}M${xy(barb(150))}L${xy(tip)}L${xy(barb(-150))}`)
    .lineWidth(2.6)
    .stroke(C.lantern)
}
