/** A shape on the map of a picture; across and down are fractions of its width and its height. */
export type MapShape =
  | { readonly kind: 'outline'; readonly points: readonly number[] }
  | { readonly kind: 'stroke'; readonly points: readonly number[]; readonly width: number }
  | {
      readonly kind: 'box'
      readonly x: number
      readonly y: number
      readonly width: number
      readonly height: number
    }

export interface MappedArea {
  readonly id: string
  readonly shapes: readonly MapShape[]
}

/** The surface is looked at in so many places across, and as many down. */
const places = 240

/**
 * What share of the surface each area has by its drawing, 0..1; a place under several belongs to the last of them. `aspect`
 * is height over width. Areas that are not drawn are left out.
 */
export function drawnShares(areas: readonly MappedArea[], aspect: number): ReadonlyMap<string, number> {
  const drawn = areas.filter(({ shapes }) => shapes.length > 0).toReversed()
  const counts = new Map(drawn.map(({ id }) => [id, 0]))
  for (let row = 0; row < places; row++)
    for (let column = 0; column < places; column++) {
      const [x, y] = [(column + 0.5) / places, (row + 0.5) / places]
      const area = drawn.find(({ shapes }) => shapes.some((shape) => covers(shape, x, y, aspect)))
      if (area) counts.set(area.id, counts.get(area.id)! + 1)
    }
  return new Map([...counts].map(([id, count]) => [id, count / places ** 2]))
}

/** What lies under a drawing: its share of the surface, 0..1, and the area most of it lies in; null: in none that is drawn. */
export function liesUnder(
  shapes: readonly MapShape[],
  areas: readonly MappedArea[],
  aspect: number,
): { readonly share: number; readonly area: string | null } {
  const drawn = areas.filter((area) => area.shapes.length > 0).toReversed()
  const counts = new Map<string | null, number>()
  let all = 0
  for (let row = 0; row < places; row++)
    for (let column = 0; column < places; column++) {
      const [x, y] = [(column + 0.5) / places, (row + 0.5) / places]
      if (!shapes.some((shape) => covers(shape, x, y, aspect))) continue
      const area = drawn.find((one) => one.shapes.some((shape) => covers(shape, x, y, aspect)))?.id ?? null
      counts.set(area, (counts.get(area) ?? 0) + 1)
      all++
    }
  const [most] = [...counts].sort(([, a], [, b]) => b - a)
  return { share: all / places ** 2, area: most?.[0] ?? null }
}

function covers(shape: MapShape, x: number, y: number, aspect: number): boolean {
  switch (shape.kind) {
    case 'box':
      return x >= shape.x && x < shape.x + shape.width && y >= shape.y && y < shape.y + shape.height
    case 'outline':
      return isInside(shape.points, x, y)
    case 'stroke':
      return isOnStroke(shape.points, shape.width / 2, x, y, aspect)
  }
}

/** Even and odd: a line to the side crosses the edge an odd number of times from inside. */
function isInside(points: readonly number[], x: number, y: number): boolean {
  let inside = false
  for (let at = 0, last = points.length - 2; at < points.length; last = at, at += 2) {
    const [x1, y1, x2, y2] = [points[at]!, points[at + 1]!, points[last]!, points[last + 1]!]
    if (y1 > y !== y2 > y && x < ((x2 - x1) * (y - y1)) / (y2 - y1) + x1) inside = !inside
  }
  return inside
}

/** Lengths are in widths of the picture. */
function isOnStroke(points: readonly number[], reach: number, x: number, y: number, aspect: number): boolean {
  for (let at = 0; at + 3 < points.length; at += 2) {
    const [x1, y1] = [points[at]!, points[at + 1]! * aspect]
    const [along, down] = [points[at + 2]! - x1, points[at + 3]! * aspect - y1]
    const [toX, toY] = [x - x1, y * aspect - y1]
    const length = along ** 2 + down ** 2
    const part = length > 0 ? Math.min(1, Math.max(0, (toX * along + toY * down) / length)) : 0
    if ((toX - part * along) ** 2 + (toY - part * down) ** 2 <= reach ** 2) return true
  }
  return false
}
