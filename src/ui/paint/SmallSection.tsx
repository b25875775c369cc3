import { asItWas } from '../../document/picture/asItWas.ts'
import { layerColour } from '../../document/picture/layerColour.ts'
import { folded } from '../../document/picture/picture.ts'
import type { Picture } from '../../document/picture/picture.ts'
import { findInStudio } from '../../document/studioMaterials.ts'

/** The films of a picture in a small section: their colours, and how thick. */
export interface Section {
  readonly films: readonly { readonly colour: string; readonly um: number }[]
  readonly um: number
}

/** The thickest core of a day, film by film; nothing is judged or forecast for it. */
export function sectionAt(picture: Picture, day: number): Section {
  const then = asItWas(picture, day)
  const find = findInStudio(picture.shelf)
  const cores = folded(then, find).areas.map(({ strata }): Section => {
    const films = strata
      .filter(({ goneBy }) => goneBy === null)
      .map(({ event, thickestUm }) => ({ colour: layerColour(then.layers[event]!, find), um: thickestUm }))
    return { films, um: films.reduce((sum, { um }) => sum + um, 0) }
  })
  return cores.reduce((most, one) => (one.um > most.um ? one : most), { films: [], um: 0 })
}

const [wide, high, groundHigh] = [40, 56, 6]

/** A small section, drawn so that `most` µm fill it. */
export function SmallSection({
  section,
  most,
  times = 1,
}: {
  readonly section: Section
  readonly most: number
  /** How many times as large as in a strip. */
  readonly times?: number
}) {
  let y = high - groundHigh
  return (
    <svg width={wide * times} height={high * times} viewBox={`0 0 ${wide} ${high}`} aria-hidden="true">
      <rect
        x="0"
        y={high - groundHigh}
        width={wide}
        height={groundHigh}
        fill="#e9e2d0"
        stroke="#8a8170"
        strokeWidth="0.5"
      />
      {section.films.map(({ colour, um }, at) => {
        const tall = 2 + (um / most) * (high - groundHigh - 2 * section.films.length)
        y -= tall
        return (
          <rect
            key={at}
            x="0"
            y={y}
            width={wide}
            height={tall}
            fill={colour}
            stroke="#1f1b16"
            strokeWidth="0.4"
          />
        )
      })}
    </svg>
  )
}
