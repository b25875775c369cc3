import { Chart, LinearScale, LineController, LineElement, PointElement } from 'chart.js'
import type { ChartDataset, Point } from 'chart.js'
import { useEffect, useRef } from 'react'
import type { ReactNode } from 'react'
import type { DosePoint } from '../../core/dosing/dose.ts'
import type { Cap } from '../../core/dosing/dose.ts'
import { chartLook } from '../../ui/chart/chartLook.ts'

Chart.register(LineController, LineElement, PointElement, LinearScale)

type Data = ChartDataset<'line', Point[]>

export interface DoseChartProps {
  readonly curve: readonly DosePoint[]
  readonly caps: readonly Cap[]
  /** Shares of the mix by volume, 0..1. */
  readonly chosen: number
  readonly largest: number
  readonly summary: string
}

const resinColour = '#9c5a2b'
const ochre = '#b8862d'

/** Along the dose: above what stays soluble, with its limits; below how much oil there is, and whether it holds the powder. */
export default function DoseChart({ curve, caps, chosen, largest, summary }: DoseChartProps) {
  return (
    <figure aria-label={summary} role="img">
      <Panel
        height={180}
        caption={
          <>
            <Key colour={resinColour}>resin</Key>
            <Key colour={ochre}>wax</Key>
            <Key colour="var(--ink)">both</Key>
            <span>% of the organic binder by mass</span>
            <Key colour="var(--watch)" dash="2 3">
              watched from{' '}
              {caps
                .map(({ what, most }) => `${what === 'solubles' ? 'both' : what} ${100 * most}`)
                .join(', ')}{' '}
              %
            </Key>
          </>
        }
        least={20}
        data={(colours) => [
          line('resin', curve, ({ resinOfBinder }) => 100 * resinOfBinder, resinColour),
          line('wax', curve, ({ waxOfBinder }) => 100 * waxOfBinder, ochre),
          line('both', curve, ({ solublesOfBinder }) => 100 * solublesOfBinder, colours.ink),
          ...caps.map((cap) => level(cap.what, 100 * cap.most, colours.watch)),
        ]}
        marks={{ chosen, largest }}
        redraw={JSON.stringify([curve, caps, chosen, largest])}
      />
      <Panel
        height={150}
        caption={
          <>
            <Key colour={ochre}>oil and alkyd, % of the dried film by volume</Key>
            <Key colour="var(--ink)" dash="5 3">
              binder over what the powder needs (right)
            </Key>
            <Key colour="var(--sound)">most before it is watched</Key>
            <Key colour="var(--soft)" dash="4 4">
              your dose
            </Key>
          </>
        }
        right
        least={100}
        data={(colours) => [
          line('oil and alkyd', curve, ({ oilContent }) => 100 * oilContent, ochre),
          {
            ...line('binder over need', curve, ({ binderRatio }) => binderRatio ?? NaN, colours.ink),
            yAxisID: 'right',
            borderDash: [5, 3],
          },
        ]}
        marks={{ chosen, largest }}
        redraw={JSON.stringify([curve, chosen, largest])}
        below="medium, % of the mix by volume"
      />
    </figure>
  )
}

const line = (
  label: string,
  curve: readonly DosePoint[],
  of: (point: DosePoint) => number,
  colour: string,
): Data => ({
  label,
  data: curve.map((point) => ({ x: 100 * point.ofMix, y: of(point) })),
  borderColor: colour,
  borderWidth: 2,
  pointRadius: 0,
})
const level = (label: string, y: number, colour: string): Data => ({
  label,
  data: [
    { x: 0, y },
    { x: 50, y },
  ],
  borderColor: colour,
  borderWidth: 1,
  borderDash: [2, 3],
  pointRadius: 0,
})
const upright = (label: string, x: number, top: number, colour: string, dash: number[]): Data => ({
  label,
  data: [
    { x, y: 0 },
    { x, y: top },
  ],
  borderColor: colour,
  borderWidth: 1.5,
  borderDash: dash,
  pointRadius: 0,
})

interface Colours {
  readonly ink: string
  readonly soft: string
  readonly rule: string
  readonly watch: string
  readonly sound: string
}

interface PanelProps {
  readonly height: number
  readonly caption: ReactNode
  readonly right?: boolean
  readonly below?: string
  readonly least: number
  readonly data: (colours: Colours) => Data[]
  readonly marks: { readonly chosen: number; readonly largest: number }
  readonly redraw: string
}

function Panel({ height, caption, right = false, below, least, data, marks, redraw }: PanelProps) {
  const canvas = useRef<HTMLCanvasElement>(null)
  useEffect(() => {
    const { colour, scale, title } = chartLook()
    const colours: Colours = {
      ink: colour('ink'),
      soft: colour('soft'),
      rule: colour('rule'),
      watch: colour('watch'),
      sound: colour('sound'),
    }
    const datasets = data(colours)
    const highest = Math.max(
      least,
      ...datasets
        .flatMap(({ yAxisID, data: points }) => (yAxisID ? [] : points.map(({ y }) => y ?? 0)))
        .filter(Number.isFinite),
    )
    const top = Math.min(100, Math.ceil(highest / 10) * 10)
    const chart = new Chart<'line', Point[]>(canvas.current!, {
      type: 'line',
      data: {
        datasets: [
          ...datasets,
          ...(Number.isFinite(marks.largest) && marks.largest <= 0.5
            ? [upright('most unwatched', 100 * marks.largest, top, colours.sound, [])]
            : []),
          upright('your dose', 100 * marks.chosen, top, colours.soft, [4, 4]),
        ],
      },
      options: {
        animation: false,
        responsive: true,
        maintainAspectRatio: false,
        events: [],
        parsing: false,
        layout: { padding: 0 },
        plugins: { legend: { display: false } },
        scales: {
          x: { type: 'linear', min: 0, max: 50, ...scale, ...(below && { title: title(below) }) },
          y: { type: 'linear', min: 0, max: top, ...scale },
          right: {
            type: 'linear',
            min: 0,
            display: right,
            position: 'right',
            ...scale,
            grid: { display: false },
          },
        },
      },
    })
    return () => chart.destroy()
    // eslint-disable-next-line react-hooks/exhaustive-deps -- redraw says all that is drawn
  }, [redraw])
  return (
    <>
      <figcaption className="mt-2 flex flex-wrap gap-x-4 text-[0.82rem] text-soft">{caption}</figcaption>
      <div style={{ height }} className="relative">
        <canvas ref={canvas} aria-hidden="true" />
      </div>
    </>
  )
}

const Key = ({
  colour,
  dash,
  children,
}: {
  readonly colour: string
  readonly dash?: string
  readonly children: ReactNode
}) => (
  <span className="flex items-center gap-1.5">
    <svg width="22" height="6" aria-hidden="true">
      <line x1="0" x2="22" y1="3" y2="3" stroke={colour} strokeWidth="2" strokeDasharray={dash} />
    </svg>
    <span>{children}</span>
  </span>
)
