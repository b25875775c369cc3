import type { Transparency } from '../../core/materials/material.ts'

const covers: Readonly<Record<Transparency, number>> = { opaque: 1, semi: 0.86, transparent: 0.6 }

/** A paint drawn down over a card that is half white and half black: what it hides shows. Colours are about right only. */
export const Streak = ({
  colour,
  transparency,
  width = 72,
  height = 30,
}: {
  readonly colour: string
  readonly transparency: Transparency
  readonly width?: number
  readonly height?: number
}) => {
  const [top, bottom] = [height * 0.16, height * 0.84]
  const left = width * 0.07
  const edge = `M${left} ${top + 1} Q${width * 0.3} ${top - 1.5} ${width * 0.6} ${top + 0.5} T${width * 0.95} ${top + 2}`
  const back = `L${width * 0.9} ${bottom - 2} Q${width * 0.6} ${bottom + 1.5} ${width * 0.3} ${bottom} T${left} ${bottom - 1} Z`
  return (
    <svg width={width} height={height} aria-hidden="true" className="shrink-0">
      <rect width={width} height={height} fill="#fdfcf8" />
      <rect x={width * 0.58} width={width * 0.24} height={height} fill="#23201c" />
      <path d={`${edge} ${back}`} fill={colour} fillOpacity={covers[transparency]} />
      <path d={edge} fill="none" stroke="#fff" strokeOpacity={0.35} strokeWidth={1.2} />
      <rect x={0.5} y={0.5} width={width - 1} height={height - 1} fill="none" stroke="var(--rule)" />
    </svg>
  )
}
