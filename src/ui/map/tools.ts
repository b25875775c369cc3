/** How a part of a picture is drawn on its map. */
export const tools = ['outline', 'stroke', 'box'] as const
export type Tool = (typeof tools)[number]

export const toolNames: Readonly<Record<Tool, string>> = {
  outline: 'Draw round it',
  stroke: 'Brush over it',
  box: 'Draw a box',
}

/** Side of a picture whose size is not told, cm. */
const assumedCm = 50

/** Height over width of a picture. */
export const aspectOf = ({
  widthCm,
  heightCm,
}: {
  readonly widthCm: number | null
  readonly heightCm: number | null
}): number => (heightCm ?? assumedCm) / (widthCm ?? assumedCm)
