import type { Stance } from '@/core/figure/stance'

/** The set-up from above: the table or the seat, the patient, the examiner's feet, and a push across the floor. */
export function PlanView({ stance, className = '' }: { readonly stance: Stance; readonly className?: string }) {
  const { patient, feet, push } = stance
  const xs = patient.lies
    ? [patient.head.x - 26, patient.head.x + 26, patient.hips.x - 100, patient.hips.x + 100, feet.at.x - 20, feet.at.x + 20]
    : [patient.head.x - 75, patient.head.x + 75]
  const up = Math.sign(patient.head.x - patient.hips.x) || -1
  const [left, right] = [Math.min(...xs), Math.max(...xs)]
  const table = patient.lies
    ? { from: Math.min(patient.head.x + up * 22, patient.hips.x - up * 96), to: Math.max(patient.head.x + up * 22, patient.hips.x - up * 96) }
    : null
  const angle = (Math.atan2(-feet.to.y, feet.to.x) * 180) / Math.PI
  return (
    <svg viewBox={`${left} -78 ${right - left} 156`} role="img" aria-label={`Seen from above. ${stance.words}`} className={className}>
      {table ? (
        <rect x={table.from} y="-33" width={table.to - table.from} height="66" rx="8" fill="var(--hair)" />
      ) : (
        <rect x={patient.head.x - 24} y="-24" width="48" height="48" rx="8" fill="var(--hair)" />
      )}
      <g fill="var(--ash)">
        {patient.lies ? (
          <>
            <circle cx={patient.head.x} cy="0" r="11" />
            <rect x={Math.min(patient.head.x + -up * 12, patient.hips.x)} y="-19" width={Math.abs(patient.hips.x - patient.head.x) - 10} height="38" rx="15" />
            <rect x={Math.min(patient.hips.x - up * 4, patient.hips.x - up * 84)} y="-14" width="80" height="11" rx="5" />
            <rect x={Math.min(patient.hips.x - up * 4, patient.hips.x - up * 84)} y="3" width="80" height="11" rx="5" />
          </>
        ) : (
          <g transform={`translate(${patient.head.x} 0) rotate(${(Math.atan2(-patient.faces.y, patient.faces.x) * 180) / Math.PI})`}>
            <rect x="-11" y="-24" width="22" height="48" rx="11" />
            <circle r="12" fill="var(--ink)" opacity="0.55" />
            <path d="M10 -5L18 0L10 5Z" />
          </g>
        )}
      </g>
      <g transform={`translate(${feet.at.x} ${-feet.at.y}) rotate(${angle})`} fill="var(--lantern)">
        <ellipse cx="0" cy="-8" rx="13" ry="5.4" />
        <ellipse cx="0" cy="8" rx="13" ry="5.4" />
        <path d="M17 0l9 0M22 -4.5L27 0L22 4.5" stroke="var(--lantern)" strokeWidth="2.4" fill="none" strokeLinecap="round" strokeLinejoin="round" />
      </g>
      {push && (
        <g
          transform={`translate(${patient.lies ? feet.at.x : patient.head.x} 0) rotate(${(Math.atan2(-push.y, push.x) * 180) / Math.PI})`}
          stroke="var(--ink)"
          strokeWidth="3"
          fill="none"
          strokeLinecap="round"
          strokeLinejoin="round"
        >
          <path d="M-14 0h26M5 -7L13 0L5 7" />
        </g>
      )}
    </svg>
  )
}
