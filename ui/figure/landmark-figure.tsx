const ROWS = [
  { id: 'rear', words: 'posterior superior iliac spines', y: 34, half: 26 },
  { id: 'front', words: 'anterior superior iliac spines', y: 62, half: 44 },
  { id: 'tuberosity', words: 'ischial tuberosities', y: 108, half: 22 },
  { id: 'ankles', words: 'medial malleoli', y: 150, half: 14 },
] as const

/** How far one side is drawn above the other; a drawing, not a measure. */
const STEP = 6

interface Props {
  /** Cells of the landmark table: "front.higher": left, right or level. */
  readonly cells: Readonly<Record<string, string>>
  readonly className?: string
}

/** The pelvis from the front with its landmarks in pairs, tilted as they were found. The patient's right is at the left. */
export function LandmarkFigure({ cells, className = '' }: Props) {
  const told = ROWS.map((row) => `${row.words} ${words(cells[`${row.id}.higher`])}`).join(', ')
  return (
    <svg viewBox="-70 0 140 166" role="img" aria-label={`Pelvis from the front: ${told}`} className={className}>
      <path
        d="M-8 30C-30 18-60 26-58 52C-56 70-34 74-26 92C-20 106-14 116 0 118C14 116 20 106 26 92C34 74 56 70 58 52C60 26 30 18 8 30Z"
        fill="var(--skin)"
        stroke="var(--line)"
        strokeWidth="1.6"
      />
      <path d="M-12 30C-10 52-5 66 0 74C5 66 10 52 12 30Z" fill="var(--skin-far)" stroke="var(--line)" strokeWidth="1.2" />
      {ROWS.map((row) => {
        const higher = cells[`${row.id}.higher`]
        const right = row.y - (higher === 'right' ? STEP : higher === 'left' ? -STEP : 0)
        const left = row.y - (higher === 'left' ? STEP : higher === 'right' ? -STEP : 0)
        const known = higher !== undefined
        return (
          <g key={row.id}>
            <path
              d={`M${-row.half} ${right}L${row.half} ${left}`}
              stroke={known ? 'var(--ink)' : 'var(--grain)'}
              strokeWidth="1.4"
              strokeDasharray={known ? undefined : '2 3'}
            />
            <circle cx={-row.half} cy={right} r="4" fill={higher === 'right' ? 'var(--lantern)' : 'var(--sheet)'} stroke="var(--ink)" strokeWidth="1.3" />
            <circle cx={row.half} cy={left} r="4" fill={higher === 'left' ? 'var(--lantern)' : 'var(--sheet)'} stroke="var(--ink)" strokeWidth="1.3" />
          </g>
        )
      })}
      <text x="-66" y="12" fontSize="9" fill="var(--ash)">
        right
      </text>
      <text x="66" y="12" fontSize="9" fill="var(--ash)" textAnchor="end">
        left
      </text>
    </svg>
  )
}

function words(higher: string | undefined): string {
  if (higher === undefined) return 'not looked at'
  return higher === 'level' ? 'level' : `higher on the ${higher}`
}
