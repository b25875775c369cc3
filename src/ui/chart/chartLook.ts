import { asRead } from '../../writing/reader.ts'

/** How every chart is drawn: in the page's own ink, its own face, and few lines. */
export interface ChartLook {
  /** A colour of the page by its name, as "ink". */
  readonly colour: (name: string) => string
  readonly font: { readonly family: string; readonly size: number }
  readonly scale: {
    readonly ticks: {
      readonly color: string
      readonly font: ChartLook['font']
      readonly callback: (value: number | string) => string
    }
    readonly grid: { readonly color: string; readonly lineWidth: number }
    readonly border: { readonly color: string }
  }
  /** What stands along a scale. */
  readonly title: (text: string) => {
    readonly display: true
    readonly text: string
    readonly color: string
    readonly font: ChartLook['font']
  }
}

/** A figure along a scale as its reader has it; a unit that turns into another stands with it. */
export const tickOf =
  (unit = '') =>
  (value: number | string): string =>
    asRead(`${Number(value).toLocaleString('en-GB')}${unit}`)

const font = { family: 'Instrument Sans', size: 11.5 }

export function chartLook(): ChartLook {
  const style = getComputedStyle(document.documentElement)
  const colour = (name: string): string => style.getPropertyValue(`--${name}`).trim()
  return {
    colour,
    font,
    scale: {
      ticks: { color: colour('soft'), font, callback: tickOf() },
      grid: { color: colour('rule'), lineWidth: 0.5 },
      border: { color: colour('rule') },
    },
    title: (text) => ({ display: true, text, color: colour('soft'), font }),
  }
}
