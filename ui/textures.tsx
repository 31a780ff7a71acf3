/**
 * The patterns families and the unknown are drawn in, defined once for the screens of an examination.
 *
 * A family is never colour alone: nerve is dashed, hinge solid, cord woven, flesh dotted, away outlined.
 */
export function Textures() {
  return (
    <svg width="0" height="0" className="absolute" aria-hidden="true">
      <defs>
        <pattern id="dust" width="38" height="14" patternUnits="userSpaceOnUse">
          <g stroke="var(--grain)" strokeWidth="1.3" strokeLinecap="round">
            <path d="M3 4l3-1M17 10l4-2M29 4l3 1.5M9 12l2-.4M24 13l2-1" />
          </g>
          <g fill="var(--grain)">
            <circle cx="12" cy="6" r=".7" />
            <circle cx="34" cy="11" r=".8" />
            <circle cx="23" cy="3" r=".6" />
          </g>
        </pattern>
        <pattern id="texture-nerve" width="11" height="6" patternUnits="userSpaceOnUse">
          <rect width="11" height="6" fill="var(--nerve)" fillOpacity=".28" />
          <path d="M1 3h6" stroke="var(--nerve)" strokeWidth="2" />
        </pattern>
        <pattern id="texture-joint" width="8" height="8" patternUnits="userSpaceOnUse">
          <rect width="8" height="8" fill="var(--hinge)" fillOpacity=".75" />
        </pattern>
        <pattern id="texture-ligament" width="8" height="8" patternUnits="userSpaceOnUse">
          <rect width="8" height="8" fill="var(--cord)" fillOpacity=".22" />
          <path d="M0 0l8 8M8 0L0 8" stroke="var(--cord)" strokeWidth="1.3" />
        </pattern>
        <pattern id="texture-disc" width="12" height="12" patternUnits="userSpaceOnUse">
          <rect width="12" height="12" fill="var(--cord)" fillOpacity=".18" />
          <circle cx="6" cy="6" r="2" fill="none" stroke="var(--cord)" strokeWidth="1.3" />
          <circle cx="6" cy="6" r="5" fill="none" stroke="var(--cord)" strokeWidth="1.1" />
        </pattern>
        <pattern id="texture-muscle" width="7" height="7" patternUnits="userSpaceOnUse">
          <rect width="7" height="7" fill="var(--flesh)" fillOpacity=".2" />
          <circle cx="2" cy="2" r="1.3" fill="var(--flesh)" />
          <circle cx="5.5" cy="5.5" r="1.3" fill="var(--flesh)" />
        </pattern>
        <pattern id="texture-away" width="8" height="8" patternUnits="userSpaceOnUse">
          <rect width="8" height="8" fill="none" stroke="var(--away)" strokeWidth="2" />
        </pattern>
      </defs>
    </svg>
  )
}
