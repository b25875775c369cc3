/** A heap of paint as it lies on the palette, drawn to scale: its outline is its own, and stays the same. */
export function Blob({
  colour,
  ml,
  seed,
  size = 132,
}: {
  readonly colour: string
  readonly ml: number
  readonly seed: string
  /** Of the largest heap, px. */
  readonly size?: number
}) {
  const radius = Math.max(10, Math.min(size / 2 - 4, (size / 2 - 4) * Math.cbrt(ml / largestMl)))
  const at = size / 2
  const points = outline(seed, radius, at)
  return (
    <svg
      width={size}
      height={size * 0.78}
      viewBox={`0 ${size * 0.11} ${size} ${size * 0.78}`}
      aria-hidden="true"
      className="h-auto max-w-full"
    >
      <path d={closed(points)} fill="var(--ink)" opacity="0.16" transform="translate(2 3)" />
      <path d={closed(points)} fill={colour} stroke="var(--ink)" strokeOpacity="0.25" strokeWidth="0.8" />
      {[0.22, -0.1, -0.38].map((lift, index) => (
        <path
          key={lift}
          d={`M${at - radius * 0.62} ${at + radius * lift * 0.7} q${radius * 0.55} ${-radius * 0.3} ${radius * (1.1 - 0.12 * index)} ${radius * 0.02}`}
          fill="none"
          stroke={index === 2 ? '#fff' : 'var(--ink)'}
          strokeOpacity={index === 2 ? 0.5 : 0.14}
          strokeWidth={Math.max(1, radius * 0.07)}
          strokeLinecap="round"
        />
      ))}
    </svg>
  )
}

/** A heap of so much fills its drawing, ml. */
const largestMl = 25
const corners = 11

type Point = readonly [x: number, y: number]

/** A knife leaves a heap broader than high, with a ragged edge. */
function outline(seed: string, radius: number, at: number): readonly Point[] {
  let state = [...seed].reduce((sum, letter) => (sum * 31 + letter.charCodeAt(0)) >>> 0, 7)
  const next = (): number => {
    state = (state * 1664525 + 1013904223) >>> 0
    return state / 2 ** 32
  }
  return Array.from({ length: corners }, (_, corner): Point => {
    const angle = (2 * Math.PI * corner) / corners
    const reach = radius * (0.82 + 0.3 * next())
    return [at + Math.cos(angle) * reach, at + 0.74 * Math.sin(angle) * reach]
  })
}

/** A smooth closed curve through the middles of the edges. */
function closed(points: readonly Point[]): string {
  const middle = (a: Point, b: Point): Point => [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2]
  const text = ([x, y]: Point): string => `${x.toFixed(1)} ${y.toFixed(1)}`
  const start = middle(points.at(-1)!, points[0]!)
  const curves = points.map((point, at) => {
    const next = points[(at + 1) % points.length]!
    return `Q${text(point)} ${text(middle(point, next))}`
  })
  return `M${text(start)} ${curves.join(' ')} Z`
}
