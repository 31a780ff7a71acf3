'use client'

import { useEffect, useRef, useState } from 'react'
import { renderSVG } from 'uqr'
import { useExam } from '@/ui/exam/store'
import { usePractice } from '@/ui/practice/context'
import type { Bench } from './use-bench'
import { ADAPTERS } from '@/devices'
import type { DeviceAdapter } from '@/devices/adapter'
import { Button } from '@/ui/button'
import { passFrame, usePaired } from './use-paired'
import { Dialog, DialogClose } from '@/ui/dialog'

interface Props {
  readonly open: boolean
  readonly onOpenChange: (open: boolean) => void
  readonly bench: Bench
}

interface Code {
  readonly code: string
  readonly until: number
}

/** A code for the patient's bell or a phone on the limb, to type or to scan. Pairing stays after the dialog is closed. */
export function PairDialog({ open, onOpenChange, bench }: Props) {
  const { exam } = useExam()
  const isPractice = usePractice() !== null
  const [code, setCode] = useState<Code | null>(null)
  const [page, setPage] = useState<'bell' | 'tilt'>('bell')
  const [problem, setProblem] = useState<string | null>(null)
  const seen = usePaired(exam.id, exam.signed === null && !isPractice, bench)
  const make = async () => {
    try {
      const answer = await fetch(`/exam/${exam.id}/pair`, { method: 'POST', headers: { 'content-type': 'application/json' }, body: '{}' })
      if (!answer.ok) throw new Error('refused')
      setCode((await answer.json()) as Code)
      setProblem(null)
    } catch {
      setProblem('The server cannot be reached, so there is no code. The bench goes on without a bell.')
    }
  }
  const address = code && typeof window !== 'undefined' ? `${window.location.origin}/${page}/${code.code}` : null
  const onlyHere = typeof window !== 'undefined' && ['127.0.0.1', 'localhost', '[::1]'].includes(window.location.hostname)
  return (
    <Dialog open={open} onOpenChange={onOpenChange} title="A bell or a phone on the limb">
      <div className="mt-3 flex gap-2" role="group" aria-label="What the phone does">
        {(['bell', 'tilt'] as const).map((kind) => (
          <button
            key={kind}
            type="button"
            aria-pressed={page === kind}
            onClick={() => setPage(kind)}
            className="min-h-12 rounded-full border-2 border-edge px-4 aria-pressed:border-lantern aria-pressed:bg-glow aria-pressed:font-semibold"
          >
            {kind === 'bell' ? 'Bell: the patient presses' : 'Tilt: strapped to the limb'}
          </button>
        ))}
      </div>
      {code && address ? (
        <div className="mt-4 flex items-center gap-6">
          <div
            role="img"
            aria-label={`Code ${code.code.split('').join(' ')} to scan`}
            className="size-48 shrink-0 rounded-card bg-white p-2 [&_svg]:size-full"
            // The picture is drawn here from the address alone.
            dangerouslySetInnerHTML={{ __html: renderSVG(address, { border: 1 }) }}
          />
          <div>
            <p className="figures text-5xl tracking-widest">{code.code}</p>
            <p className="mt-2 break-all text-ash">{address}</p>
            <p className="mt-2" role="status">
              {seen === null ? 'Waiting for the phone.' : `Heard from it: ${seen}.`}
            </p>
            <p className="mt-2 text-sm text-ash">Good for half an hour and for this examination alone. It shows nothing about anybody.</p>
          </div>
        </div>
      ) : (
        <p className="mt-4">A code joins one phone or device to this examination for half an hour.</p>
      )}
      {onlyHere && code && (
        <p className="mt-3 text-sm text-ash">
          This server answers on this machine only. For a phone, start it with HOST_ADDRESS=0.0.0.0 on the clinic’s own network.
        </p>
      )}
      {problem && (
        <p role="alert" className="mt-3 font-semibold text-halt">
          {problem}
        </p>
      )}
      <Adapters bench={bench} />
      <div className="mt-5 flex gap-3">
        <button type="button" onClick={() => void make()} className="min-h-14 rounded-card border-2 border-ink bg-ink px-5 font-semibold text-dust">
          {code ? 'Make another code' : 'Make a code'}
        </button>
        <DialogClose className="min-h-14 rounded-card border-2 border-edge px-5">Back to the bench</DialogClose>
      </div>
    </Dialog>
  )
}

/** Devices this browser reads by itself, where it can: each is asked for and then feeds the bench like a joined one. */
function Adapters({ bench }: { readonly bench: Bench }) {
  const [open, setOpen] = useState<{ readonly id: string; readonly end: () => Promise<void> } | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const latest = useRef(bench)
  useEffect(() => {
    latest.current = bench
  })
  const there = ADAPTERS.filter((adapter) => adapter.available())
  if (there.length === 0) return null
  const toggle = async (adapter: DeviceAdapter) => {
    try {
      await open?.end()
      setOpen(open?.id === adapter.id ? null : { id: adapter.id, end: await adapter.open((frame) => passFrame(frame, latest.current)) })
      setProblem(null)
    } catch (error) {
      setProblem(error instanceof Error ? error.message : 'The device could not be opened.')
    }
  }
  return (
    <div className="mt-4 flex flex-wrap items-center gap-3" role="group" aria-label="Devices on this machine">
      {there.map((adapter) => (
        <Button key={adapter.id} aria-pressed={open?.id === adapter.id} onClick={() => void toggle(adapter)}>
          {open?.id === adapter.id ? `Let go of: ${adapter.name}` : adapter.name}
        </Button>
      ))}
      {problem && (
        <p role="alert" className="font-semibold text-halt">
          {problem}
        </p>
      )}
    </div>
  )
}
