import { areaColour } from '../../document/picture/areaMap.ts'
import { namedAreasOf } from '../../document/picture/areas.ts'
import type { Assessment } from '../../document/judging/assess.ts'
import { layerColour } from '../../document/picture/layerColour.ts'
import type { Picture } from '../../document/picture/picture.ts'
import type { Shape } from '../../document/shape.ts'
import type { FindMaterial } from '../../core/materials/find.ts'

/** Drawings for paper, as SVG: the parts of a picture, and a section through each of them. */

const ink = '#1f1b16'
const mapWidth = 150
const assumedCm = 50

const escaped = (text: string): string => text.replace(/[&<>"]/g, (letter) => `&#${letter.charCodeAt(0)};`)

/** The map of a picture with its parts; null where none is drawn. */
export function mapDrawing(picture: Picture): string | null {
  const { widthCm, heightCm } = picture.painting
  const areas = namedAreasOf(picture).filter(({ shapes }) => shapes.length > 0)
  if (areas.length === 0) return null
  const height = (mapWidth * (heightCm ?? assumedCm)) / (widthCm ?? assumedCm)
  const drawn = areas.map((area) => {
    const colour = areaColour(area, areas)
    return area.shapes.map((shape) => shapeDrawing(shape, mapWidth, height, colour)).join('')
  })
  return `<svg width="${mapWidth}" height="${height}" viewBox="0 0 ${mapWidth} ${height}"><rect width="${mapWidth}" height="${height}" fill="#efe9dc" stroke="${ink}" stroke-width="0.8"/>${drawn.join('')}</svg>`
}

function shapeDrawing(shape: Shape, width: number, height: number, colour: string): string {
  const fill = `fill="${colour}" fill-opacity="0.6" stroke="${ink}" stroke-width="0.5"`
  if (shape.kind === 'box')
    return `<rect x="${shape.x * width}" y="${shape.y * height}" width="${shape.width * width}" height="${shape.height * height}" ${fill}/>`
  const points = shape.points
    .map((value, at) => (value * (at % 2 === 0 ? width : height)).toFixed(1))
    .reduce((all, value, at) => `${all}${at === 0 ? '' : at % 2 === 0 ? ' ' : ','}${value}`, '')
  return shape.kind === 'outline'
    ? `<polygon points="${points}" ${fill}/>`
    : `<polyline points="${points}" fill="none" stroke="${colour}" stroke-opacity="0.6" stroke-width="${shape.width * width}" stroke-linecap="round"/>`
}

const [coreWidth, coreGap, coreHeight, groundHeight] = [92, 14, 150, 14]
const leastHeight = 7

/** A section through each part, the painted films to their thickness, numbered as in the table. */
export function sectionDrawing(picture: Picture, assessment: Assessment, findMaterial: FindMaterial): string {
  const painted = picture.layers.filter((layer) => layer.painted !== null)
  const cores = assessment.areas.map(({ area }) => ({
    name: area.name,
    films: painted.flatMap((layer, at) => {
      const assessed = assessment.layers[picture.layers.indexOf(layer)]!
      const spot = assessed.spots.find((one) => one.area === area.id)
      const isGone = spot && spot.goneBy !== null && picture.layers[spot.goneBy]!.painted !== null
      if (!spot || isGone || picture.layers[spot.layer] !== layer) return []
      return [{ number: at + 1, um: spot.thickestUm * spot.left, colour: layerColour(layer, findMaterial) }]
    }),
  }))
  const thickest = Math.max(1, ...cores.map(({ films }) => films.reduce((sum, { um }) => sum + um, 0)))
  const most = Math.max(1, ...cores.map(({ films }) => films.length))
  const scale = (coreHeight - most * leastHeight) / thickest
  const width = cores.length * (coreWidth + coreGap)
  const bottom = coreHeight + 16
  const drawn = cores.map(({ name, films }, at) => {
    const x = 1 + at * (coreWidth + coreGap)
    let y = bottom
    const bars = films.map(({ number, um, colour }) => {
      const height = leastHeight + um * scale
      y -= height
      return `<rect x="${x}" y="${y.toFixed(1)}" width="${coreWidth - 16}" height="${height.toFixed(1)}" fill="${colour}" stroke="${ink}" stroke-width="0.5"/><text x="${x + coreWidth - 12}" y="${(y + height / 2 + 3).toFixed(1)}" font-size="8" fill="${ink}">${number}</text>`
    })
    const ground = `<rect x="${x}" y="${bottom}" width="${coreWidth - 16}" height="${groundHeight}" fill="#e9e2d0" stroke="${ink}" stroke-width="0.5"/>`
    const label = `<text x="${x}" y="${bottom + groundHeight + 11}" font-size="8" fill="${ink}">${escaped(name)}</text>`
    return bars.join('') + ground + label
  })
  const height = bottom + groundHeight + 16
  return `<svg width="${width}" height="${height}" viewBox="0 0 ${width} ${height}">${drawn.join('')}</svg>`
}
