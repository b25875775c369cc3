import { seeded } from '../../core/seeded.ts'
import { channelOf } from '../../core/values/pigmentColours.ts'

/** Draws a cross-section as one would see it under a microscope: wavy strata, grain, transparency, what is still soft. */

export interface Stratum {
  readonly seed: number
  readonly colour: string
  readonly heightPx: number
  /** Share of powder in the dry film, and how far light goes through it: 0 opaque, 1 clear. */
  readonly pvc: number
  readonly clearness: number
  /** Grain of the coarsest powder, 0 fine to 1 coarse. */
  readonly grain: number
  /** Planned only; still soft; firm; or taken off again. */
  readonly state: 'planned' | 'soft' | 'firm' | 'gone'
  readonly selected: boolean
  /** Cured fraction from its bottom to its surface, where that is known. */
  readonly profile: readonly number[] | null
}

export interface SectionColours {
  readonly paper: string
  readonly ink: string
  readonly rule: string
  readonly ground: string
  readonly support: string
}

export interface SectionGround {
  readonly groundPx: number
  readonly supportPx: number
  readonly woven: boolean
}

/** Boundaries are known at every so many pixels. */
const edgeStep = 3

/** Boundaries between strata: a slow wave with a little roughness, the same for the same layer. */
function boundary(seed: number, y: number, width: number, roughness: number): (x: number) => number {
  const random = seeded(seed)
  const waves = Array.from({ length: 5 }, (_, index) => ({
    length: width / (1.2 + index * 1.9 + random()),
    phase: random() * 7,
    height: roughness / (1 + index * 0.9),
  }))
  const at = (x: number): number =>
    y +
    waves.reduce(
      (sum, { length, phase, height }) => sum + height * Math.sin((x / length) * Math.PI + phase),
      0,
    )
  const heights = Array.from({ length: Math.ceil(width / edgeStep) + 2 }, (_, step) => at(step * edgeStep))
  return (x) => heights[Math.min(heights.length - 1, Math.max(0, Math.round(x / edgeStep)))]!
}

/** Strata are given from the top down. */
export function drawSection(
  context: CanvasRenderingContext2D,
  width: number,
  strata: readonly Stratum[],
  { groundPx, supportPx, woven }: SectionGround,
  colours: SectionColours,
): void {
  const total = strata.reduce((sum, { heightPx }) => sum + heightPx, 0)
  const height = total + groundPx + supportPx
  context.clearRect(0, 0, width, height + 8)
  const edges = strata.map((stratum, index) => {
    const y = strata.slice(0, index).reduce((sum, { heightPx }) => sum + heightPx, 0)
    const above = strata[index - 1]?.heightPx ?? stratum.heightPx
    return boundary(
      stratum.seed,
      Math.max(y, index === 0 ? 6 : 0),
      width,
      Math.min(3.2, above / 7, stratum.heightPx / 7) * (index === 0 ? 1.3 : 1),
    )
  })
  const groundEdge = boundary(7, total, width, 1.4)
  const supportEdge = boundary(11, total + groundPx, width, woven ? 0.5 : 0.3)
  drawGround(context, width, groundEdge, supportEdge, colours)
  drawSupport(context, width, height, supportEdge, woven, colours)
  // Bottom first, so that each lies over what is under it.
  for (let index = strata.length - 1; index >= 0; index--)
    drawStratum(context, width, strata[index]!, edges[index]!, edges[index + 1] ?? groundEdge, colours)
}

function shape(
  context: CanvasRenderingContext2D,
  width: number,
  top: (x: number) => number,
  bottom: (x: number) => number,
): void {
  context.beginPath()
  for (let x = 0; x < width + edgeStep; x += edgeStep) context.lineTo(x, top(x))
  for (let x = width; x > -edgeStep; x -= edgeStep) context.lineTo(x, bottom(x))
  context.closePath()
}

const rgb = (hex: string, lighter = 0, alpha = 1): string =>
  `rgba(${[0, 1, 2].map((channel) => Math.round(255 * Math.min(1, Math.max(0, channelOf(hex, channel) * (1 + Math.min(0, lighter)) + Math.max(0, lighter))))).join(',')},${alpha})`

/** What has a grain is drawn once on a sheet, and shown through its shape: what is dragged is drawn at every frame. */
const sheetWide = 200
const sheetHigh = 120
const mostSheets = 200
const sheets = new Map<string, HTMLCanvasElement>()

/** The sheet of this name, drawn when it is first asked for. */
function sheetOf(name: string, draw: (context: CanvasRenderingContext2D) => void): HTMLCanvasElement {
  const sharp = window.devicePixelRatio || 1
  const key = `${name} ${sharp}`
  const drawn = sheets.get(key)
  if (drawn) return drawn
  const sheet = document.createElement('canvas')
  sheet.width = sheetWide * sharp
  sheet.height = sheetHigh * sharp
  const context = sheet.getContext('2d')!
  context.scale(sharp, sharp)
  draw(context)
  if (sheets.size >= mostSheets) sheets.clear()
  sheets.set(key, sheet)
  return sheet
}

/** Covers all that the clip lets through with a sheet. */
function coverWith(context: CanvasRenderingContext2D, width: number, sheet: HTMLCanvasElement): void {
  const pattern = context.createPattern(sheet, 'repeat')!
  pattern.setTransform(new DOMMatrix().scale(sheetWide / sheet.width))
  context.fillStyle = pattern
  context.fillRect(0, -4, width, 4000)
}

/** How full of powder a sheet is, in steps: a medium that is dragged needs no new one at every frame. */
const fullness = 20

/** Grains are of so many shades: a colour is slow to read, and there are thousands of them. */
const shadeCount = 9

function grainsOf({ seed, colour, pvc, grain, heightPx }: Stratum): HTMLCanvasElement {
  const full = Math.round(pvc * fullness) / fullness
  const isThin = heightPx < 12
  return sheetOf([seed, colour, full, grain, isThin].join(), (context) => {
    const random = seeded(seed * 31 + 5)
    const count = Math.round(sheetWide * sheetHigh * (0.02 + 0.1 * full) * (1.25 - grain * 0.6))
    const shades = Array.from({ length: shadeCount }, (_, step) =>
      rgb(colour, (step / (shadeCount - 1) - 0.5) * (0.26 + grain * 0.2)),
    )
    for (let index = 0; index < count; index++) {
      const [x, y] = [random() * sheetWide, random() * sheetHigh]
      const size = (0.35 + random() * 0.7 + grain * random() ** 3 * 3.2) * (isThin ? 0.7 : 1)
      context.fillStyle = shades[Math.floor(random() * shadeCount)]!
      context.globalAlpha = 0.35 + random() * 0.5
      context.beginPath()
      context.ellipse(x, y, size * (0.7 + random() * 0.7), size, random() * 3, 0, 7)
      context.fill()
    }
  })
}

const groundGrains = 2400

const groundSheet = (): HTMLCanvasElement =>
  sheetOf('ground', (context) => {
    const random = seeded(99)
    for (let index = 0; index < groundGrains; index++) {
      context.fillStyle = random() > 0.5 ? '#ffffff' : '#786c54'
      context.globalAlpha = 0.12 + random() * 0.25
      context.beginPath()
      context.arc(random() * sheetWide, random() * sheetHigh, 0.5 + random() * 1.8, 0, 7)
      context.fill()
    }
  })

function drawStratum(
  context: CanvasRenderingContext2D,
  width: number,
  stratum: Stratum,
  top: (x: number) => number,
  bottom: (x: number) => number,
  colours: SectionColours,
): void {
  const { colour, clearness, state } = stratum
  if (state === 'gone') {
    drawGap(context, width, top, bottom, colours)
    return
  }
  context.save()
  shape(context, width, top, bottom)
  context.clip()
  const strength = state === 'planned' ? 0.45 : 1
  if (state === 'planned') context.globalAlpha = 0.55
  // The binder, honey-coloured, shows where the film is clear; the powder's colour covers it elsewhere.
  context.fillStyle = rgb('#d9b45c', 0.05)
  context.fillRect(0, -4, width, 4000)
  context.fillStyle = rgb(colour, 0, 0.62 + 0.38 * (1 - clearness))
  context.fillRect(0, -4, width, 4000)
  context.globalAlpha *= strength
  coverWith(context, width, grainsOf(stratum))
  context.globalAlpha = 1
  if (stratum.profile && state !== 'planned') drawDepth(context, width, stratum.profile, top, bottom)
  else if (state === 'soft') drawSoft(context, width, top, bottom)
  context.restore()
  context.lineWidth = stratum.selected ? 2 : 0.8
  context.strokeStyle = stratum.selected ? colours.ink : rgb(colour, -0.45, 0.8)
  if (state === 'planned') {
    context.setLineDash([5, 3])
    context.strokeStyle = colours.ink
  }
  if (stratum.selected || state === 'planned') {
    shape(
      context,
      width,
      (x) => top(x) + 0.5,
      (x) => bottom(x) - 0.5,
    )
    context.stroke()
  } else {
    context.beginPath()
    for (let x = 0; x <= width; x += 3) context.lineTo(x, bottom(x))
    context.stroke()
  }
  context.setLineDash([])
}

/** Below this cured fraction paint still gives. */
const softBelow = 0.6

/** How far a film has cured through its depth: the softer, the brighter. */
function drawDepth(
  context: CanvasRenderingContext2D,
  width: number,
  profile: readonly number[],
  top: (x: number) => number,
  bottom: (x: number) => number,
): void {
  const count = profile.length
  profile.forEach((cured, at) => {
    const soft = Math.max(0, (softBelow - cured) / softBelow)
    if (soft <= 0) return
    const edge = (share: number) => (x: number) => bottom(x) - (bottom(x) - top(x)) * share
    shape(context, width, edge((at + 1) / count), edge(at / count))
    context.fillStyle = `rgba(255,255,255,${0.62 * soft})`
    context.fill()
  })
}

/** Where a film was taken off: the paper shows, between broken lines. */
function drawGap(
  context: CanvasRenderingContext2D,
  width: number,
  top: (x: number) => number,
  bottom: (x: number) => number,
  colours: SectionColours,
): void {
  context.save()
  shape(context, width, top, bottom)
  context.fillStyle = colours.paper
  context.fill()
  context.lineWidth = 1
  context.strokeStyle = colours.ink
  context.setLineDash([2, 4])
  context.stroke()
  context.restore()
}

/** Wet film catches the light: short bright strokes under its surface. */
function drawSoft(
  context: CanvasRenderingContext2D,
  width: number,
  top: (x: number) => number,
  bottom: (x: number) => number,
): void {
  context.strokeStyle = 'rgba(255,255,255,0.42)'
  context.lineWidth = 1.1
  for (let x = -20; x < width; x += 9) {
    const depth = bottom(x + 4) - top(x + 4)
    context.beginPath()
    context.moveTo(x, bottom(x) + 1)
    context.lineTo(x + Math.min(14, depth), top(x + Math.min(14, depth)) - 1)
    context.stroke()
  }
}

function drawGround(
  context: CanvasRenderingContext2D,
  width: number,
  top: (x: number) => number,
  bottom: (x: number) => number,
  colours: SectionColours,
): void {
  context.save()
  shape(context, width, top, bottom)
  context.clip()
  context.fillStyle = colours.ground
  context.fillRect(0, 0, width, 4000)
  coverWith(context, width, groundSheet())
  context.restore()
}

function drawSupport(
  context: CanvasRenderingContext2D,
  width: number,
  height: number,
  top: (x: number) => number,
  woven: boolean,
  colours: SectionColours,
): void {
  context.save()
  shape(context, width, top, () => height)
  context.clip()
  context.fillStyle = colours.support
  context.fillRect(0, 0, width, height)
  context.strokeStyle = 'rgba(60,45,25,0.35)'
  context.lineWidth = 1
  const middle = top(0)
  if (woven) {
    // Threads cut across, and the ones that run along over and under them.
    const step = 19
    for (let x = -4; x < width + step; x += step) {
      context.fillStyle = 'rgba(255,250,235,0.35)'
      context.beginPath()
      context.ellipse(x, (middle + height) / 2 + 1, 7.2, Math.max(2, (height - middle) / 2 - 2), 0, 0, 7)
      context.fill()
      context.stroke()
    }
    context.beginPath()
    for (let x = 0; x <= width; x += 2)
      context.lineTo(
        x,
        (middle + height) / 2 + Math.sin((x / step) * Math.PI) * ((height - middle) / 2 - 1.5),
      )
    context.stroke()
  } else {
    for (let line = 0; line < 7; line++) {
      const grain = boundary(line + 40, middle + 3 + line * ((height - middle) / 7), width, 1.1)
      context.beginPath()
      for (let x = 0; x <= width; x += 4) context.lineTo(x, grain(x))
      context.stroke()
    }
  }
  context.restore()
}
