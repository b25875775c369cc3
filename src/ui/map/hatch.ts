/** How a place catches the light, as it is hatched on a map: dull ones dark and dense, glossy ones with a glint. */
export type Hatch = 'sunken' | 'matt' | 'satin' | 'glossy'

const side = 12
const ink = '#1f1b16'
const glint = '#fffdf6'

const drawn = new Map<Hatch, HTMLCanvasElement>()

/** A square that is repeated over the patch, drawn once. */
export function hatchTile(hatch: Hatch): HTMLCanvasElement {
  const known = drawn.get(hatch)
  if (known) return known
  const tile = tileOf(hatch)
  drawn.set(hatch, tile)
  return tile
}

function tileOf(hatch: Hatch): HTMLCanvasElement {
  const canvas = document.createElement('canvas')
  canvas.width = canvas.height = side
  const pen = canvas.getContext('2d')!
  const wash = (colour: string, opacity: number): void => {
    pen.globalAlpha = opacity
    pen.fillStyle = colour
    pen.fillRect(0, 0, side, side)
    pen.globalAlpha = 1
  }
  const slant = (width: number, rises: boolean): void => {
    // Dark and pale side by side: it shows on every colour.
    for (const [colour, shift] of [
      [ink, 0],
      [glint, width],
    ] as const) {
      pen.strokeStyle = colour
      pen.lineWidth = width
      pen.beginPath()
      for (const at of [-side, 0, side]) {
        pen.moveTo(at + shift, rises ? side : 0)
        pen.lineTo(at + shift + side, rises ? 0 : side)
      }
      pen.stroke()
    }
  }
  switch (hatch) {
    case 'sunken':
      wash(glint, 0.25)
      slant(1, true)
      slant(1, false)
      break
    case 'matt':
      wash(glint, 0.12)
      slant(1, true)
      break
    case 'satin':
      slant(0.6, false)
      break
    case 'glossy':
      wash(glint, 0.3)
      slant(4, false)
      break
  }
  return canvas
}
