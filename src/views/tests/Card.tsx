import { stateOfCheck } from '../../core/cure/checks.ts'
import type { FingerDocument } from '../../document/finger.ts'
import type { RackSwatch } from '../../studio/lists/rack.ts'
import { mixedColour } from '../../core/values/pigmentColours.ts'

const [width, height] = [132, 46]
const [from, to, top, bottom] = [8, 124, 6, 40]

/** A swatch as it hangs: paint drawn down over white card, with the scratches, prints and smears of every hand on it. */
export function Card({ entry }: { readonly entry: RackSwatch }) {
  const { swatch, pigments, film } = entry
  const colour = pigments.length > 0 ? mixedColour(pigments) : '#d9c68f'
  const depth = Math.min(5, 0.8 + (film?.dryUm ?? 50) / 90)
  return (
    <svg width={width} height={height} aria-hidden="true" className="shrink-0">
      <rect width={width} height={height} fill="#e4dcc8" stroke="var(--rule)" />
      <path d={edge(bottom + depth * 0.6)} fill="#1f1b15" opacity="0.18" />
      <path d={edge(bottom)} fill={colour} />
      <path
        d={`M${from} ${top + 1} Q40 ${top - 2} 74 ${top} T${to} ${top + 1}`}
        stroke="#fff"
        strokeOpacity="0.4"
        fill="none"
      />
      {swatch.fingers.slice(-9).map((finger, at) => (
        <Mark key={finger.id} finger={finger} x={from + 9 + at * 12.5} />
      ))}
    </svg>
  )
}

const edge = (under: number): string =>
  `M${from} ${top + 1} Q40 ${top - 2} 74 ${top} T${to} ${top + 1} L${to - 2} ${under - 1} Q74 ${under + 2} 40 ${under} T${from} ${under - 1} Z`

/** What a hand leaves: a scratch, a print, a smear; nothing where it passed but a faint sheen. */
function Mark({ finger: { check, passed }, x }: { readonly finger: FingerDocument; readonly x: number }) {
  if (passed) return <ellipse cx={x} cy={23} rx={3.6} ry={5} fill="#fff" opacity="0.16" />
  if (check === 'fingernail')
    return (
      <path
        d={`M${x - 3} 13 Q${x} 23 ${x + 3} 33`}
        stroke="#fdfcf8"
        strokeWidth="1.6"
        fill="none"
        opacity="0.9"
      />
    )
  if (stateOfCheck[check] === 'touch')
    return (
      <path
        d={`M${x - 4} 26 q4 -5 9 -1`}
        stroke="#fdfcf8"
        strokeWidth="4"
        strokeLinecap="round"
        fill="none"
        opacity="0.45"
      />
    )
  return (
    <g fill="none" stroke="#1f1b15" opacity="0.35">
      {[2, 4, 6].map((radius) => (
        <ellipse key={radius} cx={x} cy={23} rx={radius * 0.7} ry={radius} />
      ))}
    </g>
  )
}
