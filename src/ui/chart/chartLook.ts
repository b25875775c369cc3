/** How every chart is drawn: in the page's own ink, its own face, and few lines. */
export interface ChartLook {
  /** A colour of the page by its name, as "ink". */
  readonly colour: (name: string) => string
  readonly font: { readonly family: string; readonly size: number }
  readonly scale: {
    readonly ticks: { readonly color: string; readonly font: ChartLook['font'] }
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

const font = { family: 'Instrument Sans', size: 11.5 }

export function chartLook(): ChartLook {
  const style = getComputedStyle(document.documentElement)
  const colour = (name: string): string => style.getPropertyValue(`--${name}`).trim()
  return {
    colour,
    font,
    scale: {
      ticks: { color: colour('soft'), font },
      grid: { color: colour('rule'), lineWidth: 0.5 },
      border: { color: colour('rule') },
    },
    title: (text) => ({ display: true, text, color: colour('soft'), font }),
  }
}
