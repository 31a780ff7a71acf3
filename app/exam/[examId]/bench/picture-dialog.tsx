'use client'

import { Camera, ImageUp } from 'lucide-react'
import { type KeyboardEvent, type PointerEvent, useEffect, useRef, useState } from 'react'
import type { InHand } from '@/core/bench/in-hand'
import { angleAt, firstPoints, pictureReading, recordedAngle, type PicturePoint } from '@/core/metrology/picture-angle'
import { capital } from '@/core/vocabulary/sentence'
import { Button } from '@/ui/button'
import { Dialog } from '@/ui/dialog'

interface Props {
  readonly inHand: InHand
  readonly onUse: (angle: number) => void
  readonly onClose: () => void
}

type Points = readonly [PicturePoint, PicturePoint, PicturePoint]

/** How far an arrow moves a point, as a share of the picture; with shift ten times as far. */
const STEP = 0.004
/** The longer edge of the picture as it is drawn, in pixels. */
const LARGEST = 900

/**
 * The joint angle from a picture: taken or chosen on this device, three points on it, and only the angle goes further.
 *
 * The picture is drawn on a canvas of this window and gone with it: it is sent nowhere and kept nowhere.
 */
export function PictureDialog({ inHand: { stage }, onUse, onClose }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null)
  const video = useRef<HTMLVideoElement>(null)
  const [stream, setStream] = useState<MediaStream | null>(null)
  const [size, setSize] = useState<{ readonly width: number; readonly height: number } | null>(null)
  const [points, setPoints] = useState<Points>([
    { x: 0.25, y: 0.6 },
    { x: 0.5, y: 0.6 },
    { x: 0.7, y: 0.35 },
  ])
  const [trouble, setTrouble] = useState<string | null>(null)
  const reading = stage.angle ? pictureReading(stage.angle) : null
  useEffect(() => {
    if (video.current && stream) video.current.srcObject = stream
    return () => {
      for (const track of stream?.getTracks() ?? []) track.stop()
    }
  }, [stream])
  if (!reading || !stage.angle) return null
  const { joint, min, max, usual } = stage.angle
  const draw = (source: CanvasImageSource, width: number, height: number) => {
    const scale = Math.min(1, LARGEST / Math.max(width, height))
    const [w, h] = [Math.round(width * scale), Math.round(height * scale)]
    setSize({ width: w, height: h })
    setPoints(firstPoints(reading, usual, w / h))
    // The canvas takes its size with the next frame, which empties it.
    requestAnimationFrame(() => canvas.current?.getContext('2d')?.drawImage(source, 0, 0, w, h))
  }
  const openCamera = () => {
    setTrouble(null)
    if (!('mediaDevices' in navigator)) {
      setTrouble('This browser gives no camera here: the page has to be opened over https. Choose a picture instead.')
      return
    }
    navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' }, audio: false }).then(
      (opened) => {
        setSize(null)
        setStream(opened)
      },
      () => setTrouble('The camera cannot be used: it was not allowed, or there is none. Choose a picture instead.'),
    )
  }
  const take = () => {
    const from = video.current
    if (!from || from.videoWidth === 0) {
      setTrouble('The camera shows nothing yet. Wait a moment, and take it again.')
      return
    }
    const kept = document.createElement('canvas')
    kept.width = from.videoWidth
    kept.height = from.videoHeight
    kept.getContext('2d')?.drawImage(from, 0, 0)
    draw(kept, kept.width, kept.height)
    setStream(null)
  }
  const choose = (file: File | undefined) => {
    setTrouble(null)
    if (!file) return
    createImageBitmap(file).then(
      (picture) => {
        setStream(null)
        draw(picture, picture.width, picture.height)
      },
      () => setTrouble('This file is no picture that can be shown. Choose another one.'),
    )
  }
  const [a, middle, b] = points.map((p) => ({ x: p.x * (size?.width ?? 1), y: p.y * (size?.height ?? 1) })) as unknown as Points
  const between = size ? angleAt(a, middle, b) : null
  const angle = between === null ? null : recordedAngle(between, reading)
  const fits = angle !== null && angle >= min && angle <= max
  const move = (at: number, to: PicturePoint) => {
    const within = { x: Math.min(1, Math.max(0, to.x)), y: Math.min(1, Math.max(0, to.y)) }
    setPoints((now) => now.map((p, i) => (i === at ? within : p)) as unknown as Points)
  }
  return (
    <Dialog open onOpenChange={(open) => !open && onClose()} title="Angle from a picture">
      <p className="mt-2 text-ash">
        {capital(joint)}. Taken from the side, straight onto the movement; askew it shows another angle. The picture stays in this window and is not kept: only
        the angle is recorded, marked “from a picture”.
      </p>
      <div className="mt-3 flex flex-wrap gap-3">
        {stream ? (
          <Button look="main" size="large" onClick={take}>
            <Camera size={20} aria-hidden="true" /> Take it now
          </Button>
        ) : (
          <Button size="large" onClick={openCamera}>
            <Camera size={20} aria-hidden="true" /> Take a picture
          </Button>
        )}
        <label className="inline-flex min-h-14 cursor-pointer items-center gap-2 rounded-card border border-ash bg-sheet px-4 focus-within:outline-3 focus-within:outline-lantern">
          <ImageUp size={20} aria-hidden="true" /> Choose a picture
          <input type="file" accept="image/*" className="sr-only" onChange={(e) => choose(e.target.files?.[0])} />
        </label>
      </div>
      {trouble && (
        <p role="alert" className="mt-2 font-semibold">
          {trouble}
        </p>
      )}
      {stream && (
        // What the camera sees has no sound and no words.
        <video ref={video} autoPlay muted playsInline aria-label="What the camera sees" className="mt-3 max-h-[50vh] w-full rounded-card bg-ink" />
      )}
      {size && !stream && (
        <>
          <div className="relative mx-auto mt-3 w-fit touch-none select-none">
            <canvas ref={canvas} width={size.width} height={size.height} aria-label="The picture" className="max-h-[52vh] max-w-full rounded-card" />
            <svg viewBox={`0 0 ${size.width} ${size.height}`} className="absolute inset-0 size-full" role="group" aria-label="Three points on the picture">
              <path
                d={`M${a.x} ${a.y}L${middle.x} ${middle.y}L${b.x} ${b.y}`}
                fill="none"
                stroke="#23262b"
                strokeWidth="7"
                strokeLinejoin="round"
                opacity="0.55"
              />
              <path d={`M${a.x} ${a.y}L${middle.x} ${middle.y}L${b.x} ${b.y}`} fill="none" stroke="#f0a742" strokeWidth="3.5" strokeLinejoin="round" />
              {[a, middle, b].map((p, i) => (
                <Point
                  key={i}
                  at={p}
                  n={i}
                  says={`Point ${i + 1}, ${reading.points[i] ?? ''}`}
                  size={size}
                  share={points[i] ?? p}
                  onMove={(to) => move(i, to)}
                />
              ))}
            </svg>
          </div>
          <ol className="mt-2 flex flex-wrap gap-x-5 text-sm text-ash">
            {reading.points.map((where, i) => (
              <li key={where}>
                <strong className="text-ink">{i + 1}</strong> {where}
              </li>
            ))}
          </ol>
          <div className="mt-3 flex flex-wrap items-center gap-4">
            <p aria-live="polite" className="figures text-4xl">
              {angle === null ? '–' : `${angle}°`}
            </p>
            <Button look="main" size="large" disabled={!fits} onClick={() => angle !== null && onUse(angle)}>
              {fits ? `Use ${angle}°` : 'Move the points'}
            </Button>
            {angle !== null && !fits && (
              <p className="text-sm">
                {angle}° cannot be {joint}: {min}° to {max}°.
              </p>
            )}
          </div>
        </>
      )}
    </Dialog>
  )
}

interface PointProps {
  readonly at: PicturePoint
  readonly n: number
  readonly says: string
  readonly size: { readonly width: number; readonly height: number }
  readonly share: PicturePoint
  readonly onMove: (to: PicturePoint) => void
}

/** One point: dragged by a finger, moved by the arrows. */
function Point({ at, n, says, size, share, onMove }: PointProps) {
  const r = Math.max(16, size.width / 28)
  const dragged = (event: PointerEvent<SVGGElement>) => {
    if (!event.currentTarget.hasPointerCapture(event.pointerId)) return
    const box = event.currentTarget.ownerSVGElement?.getBoundingClientRect()
    if (box) onMove({ x: (event.clientX - box.left) / box.width, y: (event.clientY - box.top) / box.height })
  }
  const keyed = (event: KeyboardEvent<SVGGElement>) => {
    const by = STEP * (event.shiftKey ? 10 : 1)
    const to = {
      ArrowLeft: { x: share.x - by, y: share.y },
      ArrowRight: { x: share.x + by, y: share.y },
      ArrowUp: { x: share.x, y: share.y - by },
      ArrowDown: { x: share.x, y: share.y + by },
    }[event.key]
    if (!to) return
    event.preventDefault()
    onMove(to)
  }
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={says}
      aria-valuenow={Math.round(share.x * 1000) / 10}
      aria-valuetext={`${Math.round(share.x * 100)} % from the left, ${Math.round(share.y * 100)} % from the top`}
      onKeyDown={keyed}
      onPointerDown={(e) => e.currentTarget.setPointerCapture(e.pointerId)}
      onPointerMove={dragged}
      className="cursor-grab outline-none [&:focus-visible>circle:first-of-type]:stroke-[6]"
    >
      <circle cx={at.x} cy={at.y} r={r} fill="#f0a742" fillOpacity="0.28" stroke="#23262b" strokeWidth="2.5" />
      <circle cx={at.x} cy={at.y} r={3} fill="#23262b" />
      <text x={at.x} y={at.y - r * 0.35} textAnchor="middle" fontSize={r * 0.75} fontWeight="700" fill="#23262b">
        {n + 1}
      </text>
    </g>
  )
}
