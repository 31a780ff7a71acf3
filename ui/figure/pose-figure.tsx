'use client'

import { type CSSProperties, useId } from 'react'
import { clothesLines } from '@/core/figure/clothes-lines'
import type { Body, Figure, Limb } from '@/core/figure/figure'
import { type AngleMark, AngleArc } from './angle-arc'
import { BREADTH, TONE_COLOURS, useAppearance } from './appearance'
import { contour } from '@/core/figure/contour'
import { ExaminerHand } from './examiner-hand'
import { Head } from './head'
import { useMoving } from './use-moving'

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
export function PoseFigure({ figure: wanted, describes, angle = null, marks = [], className = '' }: Props) {
  const id = useId().replaceAll(':', '')
  const [{ tone, build }] = useAppearance()
  const figure = useMoving(wanted)
  const { min, max } = wanted.bounds
  const box = [min.x - MARGIN, -max.y - MARGIN, max.x - min.x + MARGIN * 2, max.y - min.y + MARGIN * 2]
  const limbs = figure.limbs.map((l) => ({ ...l, chain: l.chain.map((s) => ({ ...s, half: s.half * BREADTH[build] })) }))
  const isArm = (l: Limb) => l.id.includes('arm')
  const far = limbs.filter((l) => l.layer === 'far')
  // Seen from the front both legs belong to one body; in profile the far ones lie behind it.
  const front = figure.head.seen !== 'profile'
  const behind = front ? [] : far
  const body = limbs.filter((l) => !isArm(l) && (front || l.layer === 'near'))
  const arms = limbs.filter((l) => isArm(l) && (front || l.layer === 'near'))
  const colours = TONE_COLOURS[tone]
  const style = {
    '--body': colours?.skin ?? 'var(--skin)',
    '--body-shade': colours?.shade ?? 'var(--skin-far)',
    '--body-line': colours?.line ?? 'var(--line)',
  } as CSSProperties
  return (
    <svg viewBox={box.join(' ')} role="img" aria-label={describes} className={className} preserveAspectRatio="xMidYMid meet" style={style}>
      <Support support={figure.support} />
      {behind.length > 0 && <Silhouette id={`${id}-far`} limbs={behind} far />}
      <Silhouette id={`${id}-body`} limbs={body}>
        <Clothes limbs={body} />
        {figure.head.seen !== 'from-behind' && <Joints limbs={body} />}
      </Silhouette>
      <Head head={figure.head} clip={id} />
      <Silhouette id={`${id}-arms`} limbs={arms} />
      {figure.joint && <AngleArc joint={figure.joint} angle={angle} marks={marks} />}
      {figure.hands.map((hand, i) => (
        <ExaminerHand key={i} hand={hand} />
      ))}
    </svg>
  )
}

interface SilhouetteProps {
  readonly id: string
  readonly limbs: readonly Limb[]
  /** Lies behind the body: in its shade. */
  readonly far?: boolean
  readonly children?: React.ReactNode
}

/** Limbs that belong together as one outline, softly shaded on the side away from the light; what lies on them is cut to it. */
function Silhouette({ id, limbs, far = false, children }: SilhouetteProps) {
  const paths = limbs.map((l) => contour(l.chain))
  return (
    <>
      <clipPath id={id}>
        {paths.map((d, i) => (
          <path key={i} d={d} />
        ))}
      </clipPath>
      <g fill="var(--body-shade)" stroke="var(--body-line)" strokeWidth="2" strokeLinejoin="round">
        {paths.map((d, i) => (
          <path key={i} d={d} />
        ))}
      </g>
      <g clipPath={`url(#${id})`}>
        <g fill="var(--body-shade)">
          {paths.map((d, i) => (
            <path key={i} d={d} />
          ))}
        </g>
        {!far && (
          <g fill="var(--body)" transform="translate(-0.9 -1.7)">
            {paths.map((d, i) => (
              <path key={i} d={d} />
            ))}
          </g>
        )}
        {children}
      </g>
    </>
  )
}

/** A shirt and shorts, cut to the body's own outline. */
function Clothes({ limbs }: { readonly limbs: readonly Limb[] }) {
  const { shirt, shorts } = clothesLines(limbs)
  return (
    <>
      <g fill="var(--cloth)">
        {shirt.map((d, i) => (
          <path key={i} d={d} />
        ))}
      </g>
      <g fill="var(--cloth-far)">
        {shorts.map((d, i) => (
          <path key={i} d={d} />
        ))}
      </g>
    </>
  )
}

/** The kneecap and the ankle, so that it shows which way a joint bends. */
function Joints({ limbs }: { readonly limbs: readonly Limb[] }) {
  return (
    <g fill="none" stroke="var(--body-line)" strokeWidth="0.8" opacity="0.55" strokeLinecap="round">
      {limbs
        .filter((l) => l.id.endsWith('-leg'))
        .flatMap((l) => {
          const knee = l.chain[4]
          const ankle = l.chain.at(l.chain.length > 10 ? -1 : -3)
          return [knee && { ...knee, r: 2.4 }, ankle && { ...ankle, r: 1.1 }]
        })
        .map((joint, i) => joint && <circle key={i} cx={joint.at.x} cy={-joint.at.y} r={joint.r} />)}
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
