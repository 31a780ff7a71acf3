import type { GridLine, Level } from '@/core/level/level'
import { levelWords } from '@/core/level/level-words'
import { capital } from '@/core/vocabulary/sentence'

const FOUND: Record<GridLine['found'], string> = {
  lost: 'lost',
  kept: 'kept',
  'brought-on': 'brought on',
  quiet: 'quiet',
  painted: 'painted',
  'not-looked-at': 'not looked at',
}

/** Which root or nerve fits what was found, the runner-up, and the one check that would part them. */
export function LevelGrid({ level }: { readonly level: Level }) {
  const { best, runnerUp, check, grid, limb, side } = level
  const pair = [best, runnerUp]
  return (
    <section aria-label={`Level, ${side} ${limb}`} className="mt-6 max-w-5xl">
      <h3 className="text-xl">
        Level, {side} {limb}: <span className="font-sans text-lg">{levelWords(level)}</span>
      </h3>
      <p className="text-ash">A ranking by how well each fits, with weights of this project. It is no probability, and pain rarely keeps to one root.</p>
      <div className="mt-3 grid gap-6 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
        <table className="w-full self-start text-left text-[15px] print:hidden">
          <caption className="sr-only">Expected against found, for the first two</caption>
          <thead className="text-sm text-ash">
            <tr>
              <th scope="col" className="font-normal">
                Sign
              </th>
              <th scope="col" className="font-normal">
                Found
              </th>
              {pair.map(({ structure }) => (
                <th key={structure.id} scope="col" className="font-normal">
                  {structure.name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {grid.map((line) => (
              <tr key={line.words} className="border-t border-hair">
                <th scope="row" className="py-1 pr-3 font-normal">
                  {capital(line.words)}
                </th>
                <td className={`py-1 pr-3 ${happened(line) ? 'font-semibold' : 'text-ash'}`}>{FOUND[line.found]}</td>
                {line.fits.map((fit, i) => (
                  <td key={i} className="py-1 pr-3">
                    <Mark line={line} fit={fit} />
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
        <div>
          <ol className="space-y-1">
            {level.ranking.slice(0, 4).map(({ structure, share }) => (
              <li key={structure.id} className="flex items-center gap-3">
                <span className="w-24 shrink-0">{structure.name}</span>
                <span aria-hidden="true" className="h-2.5 rounded-full bg-nerve" style={{ width: `${Math.max(2, share * 100)}%`, maxWidth: '10rem' }} />
                <span className="sr-only">{Math.round(share * 100)} of 100 in the ranking</span>
              </li>
            ))}
          </ol>
          {check && (
            <p className="mt-3 rounded-card border border-hair bg-sheet px-4 py-2">
              <strong>Would part the first two.</strong> {check}
            </p>
          )}
        </div>
      </div>
    </section>
  )
}

/** Agrees, disagrees, or nothing to compare: a filled, a struck or an empty square, with its word. */
function Mark({ line, fit }: { readonly line: GridLine; readonly fit: GridLine['fits'][number] }) {
  const came = happened(line)
  const looked = line.found !== 'not-looked-at'
  const agrees = came ? fit !== 'unlikely' : fit !== 'expected'
  return (
    <span className="inline-flex items-center gap-2">
      <svg width="14" height="14" viewBox="0 0 14 14" aria-hidden="true">
        <rect
          x="1.5"
          y="1.5"
          width="11"
          height="11"
          rx="2"
          fill={looked && agrees && came ? 'var(--nerve)' : 'none'}
          stroke={looked ? 'var(--nerve)' : 'var(--ash)'}
          strokeDasharray={looked ? undefined : '1.6 1.6'}
        />
        {looked && !agrees && <path d="M3.5 3.5l7 7" stroke="var(--nerve)" strokeWidth="1.6" />}
      </svg>
      {fit}
      {looked && !agrees && <span className="sr-only">, does not fit</span>}
    </span>
  )
}

function happened({ found }: GridLine): boolean {
  return found === 'lost' || found === 'brought-on' || found === 'painted'
}
