import { arc } from 'd3-shape'
import type { Body, Figure, Hand, Limb } from '@/core/figure/figure'
import { onArc } from '@/core/figure/figure'
import { between, go, type Point } from '@/core/figure/geometry'
import { taperedPath } from './tapered'

/** An angle marked on the arc: the onset, the end, or the other side's end. */
export interface AngleMark {
  readonly angle: number
  readonly says: string
  readonly kind: 'onset' | 'end' | 'other-side'
}

interface Props {
  readonly figure: Figure
  /** In one sentence, what the picture shows; read aloud instead of it. */
  readonly describes: string
  /** The measured angle now, drawn in the joint; null when nothing is measured yet. */
  readonly angle?: number | null
  readonly marks?: readonly AngleMark[]
  readonly className?: string
}

const MARGIN = 7

/** The drawn patient at one stage, with the examiner's hands. Centimetres in, picture out: nothing is decided here. */
export function PoseFigure({ figure, describes, angle = null, marks = [], className = '' }: Props) {
  const { min, max } = figure.bounds
  const box = [min.x - MARGIN, -max.y - MARGIN, max.x - min.x + MARGIN * 2, max.y - min.y + MARGIN * 2]
  const trunk = figure.limbs.filter((l) => l.layer === 'near' && !l.id.includes('arm'))
  return (
    <svg viewBox={box.join(' ')} role="img" aria-label={describes} className={className} preserveAspectRatio="xMidYMid meet">
      <Support support={figure.support} />
      {figure.limbs
        .filter((l) => l.layer === 'far')
        .map((l) => (
          <Limbs key={l.id} limbs={[l]} fill="var(--skin-far)" />
        ))}
      <Limbs limbs={trunk} fill="var(--skin)" />
      <Clothes figure={figure} />
      <Head head={figure.head} />
      <Limbs limbs={figure.limbs.filter((l) => l.layer === 'near' && l.id.includes('arm'))} fill="var(--skin)" />
      {figure.joint && <Arc joint={figure.joint} angle={angle} marks={marks} />}
      {figure.hands.map((hand, i) => (
        <HandShape key={i} hand={hand} />
      ))}
    </svg>
  )
}

/** Limbs of one layer as one silhouette: all outlines first, then all fills over them. */
function Limbs({ limbs, fill }: { readonly limbs: readonly Limb[]; readonly fill: string }) {
  const paths = limbs.map((l) => taperedPath(l.chain))
  return (
    <>
      <g fill={fill} stroke="var(--line)" strokeWidth="1.7" strokeLinejoin="round">
        {paths.map((d, i) => (
          <path key={i} d={d} />
        ))}
      </g>
      <g fill={fill}>
        {paths.map((d, i) => (
          <path key={i} d={d} />
        ))}
      </g>
    </>
  )
}

/** A shirt and shorts: they part the trunk from the limbs and hide nothing that is measured. */
function Clothes({ figure }: { readonly figure: Figure }) {
  const shirt = figure.limbs.filter((l) => l.id === 'trunk' || l.id === 'spine' || l.id.startsWith('flank'))
  const legs = figure.limbs.filter((l) => l.id === 'near-leg' || (l.id === 'far-leg' && figure.head.seen !== 'profile'))
  const share = 0.5
  return (
    <g fill="var(--cloth)">
      {shirt.map((l) => (
        <path key={l.id} d={taperedPath(l.chain)} />
      ))}
      {figure.head.seen !== 'profile' && <path d={taperedPath(legs.flatMap(({ chain: [hip] }) => (hip ? [hip] : [])))} fill="var(--cloth-far)" />}
      {legs.map(({ id, chain: [hip, knee] }) => {
        const hem = hip && knee && { at: between(hip.at, knee.at, share), half: hip.half + (knee.half - hip.half) * share }
        return hem && <path key={id} d={taperedPath([hip, hem])} fill="var(--cloth-far)" />
      })}
    </g>
  )
}

function Head({ head }: { readonly head: Body['head'] }) {
  const at = (direction: number, length: number) => go(head.at, direction, length)
  const skin = { fill: 'var(--skin)', stroke: 'var(--line)', strokeWidth: 1.7 / 2, strokeLinejoin: 'round' as const }
  if (head.seen !== 'profile') return <FrontHead head={head} />
  const f = head.faces
  // Which way along the profile the chin lies: towards the neck, a quarter turn from the face.
  const { chin } = head
  const nose = `M${xy(at(f + chin * -14, head.half * 0.97))}Q${xy(at(f - chin * 4, head.half * 1.05))} ${xy(at(f + chin * 4, head.half * 1.2))}Q${xy(at(f + chin * 10, head.half * 1.16))} ${xy(at(f + chin * 16, head.half * 0.97))}Z`
  const hair = `M${xy(at(f - chin * 62, head.half))}A${head.half} ${head.half} 0 0 ${chin === 1 ? 1 : 0} ${xy(at(f - chin * 196, head.half))}Q${xy(at(f - chin * 128, head.half * 0.3))} ${xy(at(f - chin * 62, head.half))}Z`
  const eye = at(f - chin * 22, head.half * 0.6)
  const mouth = `M${xy(at(f + chin * 38, head.half * 0.92))}L${xy(at(f + chin * 46, head.half * 0.66))}`
  const ear = at(f + chin * 172, head.half * 0.12)
  return (
    <g>
      <path d={nose} {...skin} strokeWidth="1.7" />
      <circle cx={head.at.x} cy={-head.at.y} r={head.half} {...skin} />
      <path d={nose} fill="var(--skin)" />
      <path d={hair} fill="var(--line)" />
      <circle cx={eye.x} cy={-eye.y} r="1.2" fill="var(--ink)" />
      <path d={mouth} stroke="var(--line)" strokeWidth="0.9" strokeLinecap="round" />
      <ellipse cx={ear.x} cy={-ear.y} rx="1.9" ry="2.6" fill="none" stroke="var(--line)" strokeWidth="0.9" />
    </g>
  )
}

/** A head seen from the front or from behind: the hair at the crown, the face moved to where it is turned. */
function FrontHead({ head }: { readonly head: Body['head'] }) {
  const skin = { fill: 'var(--skin)', stroke: 'var(--line)', strokeWidth: 1.7 / 2 }
  const r = head.half
  // Drawn with the crown up and turned into place; a face turned aside moves across the head and narrows.
  const aside = Math.sin((head.turn * Math.PI) / 180) * r * -0.62
  const narrow = Math.max(0.35, Math.cos((head.turn * Math.PI) / 180))
  return (
    <g transform={`translate(${head.at.x} ${-head.at.y}) rotate(${90 - head.crown})`}>
      <circle r={r} {...skin} />
      {head.seen === 'from-behind' ? (
        <path d={`M${-r * 0.96} ${r * 0.28}A${r} ${r} 0 1 1 ${r * 0.96} ${r * 0.28}Q0 ${r * 0.8} ${-r * 0.96} ${r * 0.28}Z`} fill="var(--line)" />
      ) : (
        <>
          <path d={`M${-r * 0.87} ${-r * 0.5}A${r} ${r} 0 0 1 ${r * 0.87} ${-r * 0.5}Q${aside} ${-r * 0.35} ${-r * 0.87} ${-r * 0.5}Z`} fill="var(--line)" />
          <g transform={`translate(${aside} 0) scale(${narrow} 1)`} stroke="var(--line)" strokeWidth="1" strokeLinecap="round" fill="none">
            <path d="M-4.6 -1.6h2.2M2.4 -1.6h2.2" />
            <path d="M0 0.4v3.2" />
            <path d="M-2.2 6Q0 7.2 2.2 6" />
          </g>
        </>
      )}
    </g>
  )
}

function Support({ support }: { readonly support: Body['support'] }) {
  const { from, to } = support
  const width = to.x - from.x
  if (support.seen === 'above') {
    return <rect x={from.x} y={-36} width={width} height={72} rx="9" fill="var(--hair)" opacity="0.55" />
  }
  const top = -from.y + 0.6
  const deep = Math.max(4, from.y - support.floor - 5)
  if (support.kind === 'floor') return <rect x={from.x} y={top} width={width} height="2.4" rx="1.2" fill="var(--cloth-far)" opacity="0.8" />
  return (
    <g fill="var(--cloth-far)" opacity="0.8">
      <rect x={from.x} y={top} width={width} height="5" rx="2.5" />
      <rect x={from.x + 12} y={top + 5} width="3" height={deep} />
      <rect x={to.x - 15} y={top + 5} width="3" height={deep} />
    </g>
  )
}

/** The measured joint: a rail from zero, the part swept so far, and the marks on it. */
function Arc({ joint, angle, marks }: { readonly joint: NonNullable<Body['joint']>; readonly angle: number | null; readonly marks: readonly AngleMark[] }) {
  const radius = joint.reach * 0.62
  const sweep = (to: number) =>
    arc<null>()
      .innerRadius(radius - 0.8)
      .outerRadius(radius + 0.8)
      .startAngle(clock(joint.zero))
      .endAngle(clock(joint.zero + joint.sign * to))(null) ?? ''
  const at = angle === null ? null : onArc(joint, angle, radius)
  return (
    <g transform={`translate(${joint.at.x} ${-joint.at.y})`}>
      <path d={sweep(120)} fill="var(--hair)" />
      {angle !== null && <path d={sweep(angle)} fill="var(--lantern)" />}
      {marks.map((mark) => {
        const inner = onArc({ ...joint, at: { x: 0, y: 0 } }, mark.angle, radius - 5)
        const outer = onArc({ ...joint, at: { x: 0, y: 0 } }, mark.angle, radius + 5)
        const text = onArc({ ...joint, at: { x: 0, y: 0 } }, mark.angle, radius + 9)
        return (
          <g key={`${mark.kind} ${mark.angle}`}>
            <path
              d={`M${xy(inner)}L${xy(outer)}`}
              stroke={mark.kind === 'onset' ? 'var(--lantern)' : 'var(--ash)'}
              strokeWidth="1.6"
              strokeDasharray={mark.kind === 'other-side' ? '2 1.4' : undefined}
            />
            <text x={text.x} y={-text.y} fontSize="5" fill="var(--ash)" textAnchor={text.x < 0 ? 'end' : 'start'}>
              {mark.says}
            </text>
          </g>
        )
      })}
      {at && <circle cx={at.x - joint.at.x} cy={-(at.y - joint.at.y)} r="2.6" fill="var(--lantern)" stroke="var(--dust)" strokeWidth="0.8" />}
    </g>
  )
}

/** Degrees counted from the right, turning left, as radians counted from the top, turning right. */
function clock(degrees: number): number {
  return ((90 - degrees) * Math.PI) / 180
}

/** A hand with four fingers and a thumb, seen from its back, reaching along the forearm. */
function HandShape({ hand }: { readonly hand: Hand }) {
  const turn = -(hand.from + 180)
  return (
    <g>
      <g transform={`translate(${hand.at.x} ${-hand.at.y}) rotate(${turn}) scale(0.78)`}>
        <g fill="var(--hands)" stroke="var(--ink)" strokeWidth="2.2" strokeLinejoin="round" strokeLinecap="round">
          <HandParts />
        </g>
        <g fill="var(--hands)">
          <HandParts />
        </g>
        <path d="M2 -2.2L6.5 -2.6M2.2 0.3L7 0.3M2 2.7L6.6 3" stroke="var(--ink)" strokeWidth="0.6" fill="none" />
        <path d="M-14 -3.6L-36 -5.2L-36 5.2L-14 3.6Z" fill="var(--sleeve)" stroke="var(--ink)" strokeWidth="1.1" strokeLinejoin="round" />
      </g>
      {hand.push !== null && <Push at={hand.at} push={hand.push} />}
    </g>
  )
}

const FINGERS: readonly (readonly [number, number, number, number])[] = [
  [1, -3.3, 7.5, -4.4],
  [1.4, -1.1, 9.4, -1.5],
  [1.4, 1.2, 9, 1.5],
  [0.8, 3.3, 7.2, 4.3],
]

function HandParts() {
  const finger = ([x1, y1, x2, y2]: (typeof FINGERS)[number]) =>
    taperedPath([
      { at: { x: x1, y: -y1 }, half: 1.5 },
      { at: { x: x2, y: -y2 }, half: 1.15 },
    ])
  return (
    <>
      <path
        d={taperedPath([
          { at: { x: -14, y: 0 }, half: 3 },
          { at: { x: -7, y: 0 }, half: 2.9 },
        ])}
      />
      <path
        d={taperedPath([
          { at: { x: -6, y: 0 }, half: 3.6 },
          { at: { x: 0.4, y: 0 }, half: 4.7 },
        ])}
      />
      {FINGERS.map((f) => (
        <path key={f[1]} d={finger(f)} />
      ))}
      <path
        d={taperedPath([
          { at: { x: -4.5, y: 3 }, half: 1.9 },
          { at: { x: 0.6, y: 7.2 }, half: 1.3 },
        ])}
      />
    </>
  )
}

/** Which way the hand pushes: an arrow in the picture, or a crossed ring when it goes straight in. */
function Push({ at, push }: { readonly at: Point; readonly push: number | 'in' }) {
  if (push === 'in') {
    return (
      <g transform={`translate(${at.x} ${-at.y})`} stroke="var(--lantern)" strokeWidth="1.5" fill="none">
        <circle r="7.6" strokeWidth="1.8" />
        <path d="M-7.6 0h-4M7.6 0h4M0 -7.6v-4M0 7.6v4" strokeLinecap="round" />
      </g>
    )
  }
  const from = go(at, push, 7)
  const tip = go(at, push, 22)
  const barb = (turn: number) => go(tip, push + turn, 5.5)
  return (
    <g stroke="var(--lantern)" strokeWidth="2.6" strokeLinecap="round" strokeLinejoin="round" fill="none">
      <path d={`M${xy(from)}L${xy(tip)}`} />
      <path d={`M${xy(barb(150))}L${xy(tip)}L${xy(barb(-150))}`} />
    </g>
  )
}

function xy(p: Point): string {
  return `${Math.round(p.x * 100) / 100} ${Math.round(-p.y * 100) / 100}`
}
