import { Chart, LinearScale, LineController, LineElement, PointElement } from 'chart.js'
import type { ChartDataset, Point } from 'chart.js'
import { useEffect, useRef } from 'react'
import type { AirOverDay } from '../../core/air/vapour.ts'
import { chartLook } from '../../ui/chart/chartLook.ts'

Chart.register(LineController, LineElement, PointElement, LinearScale)

/** The room over the day, hour by hour, and the painter's own limit across it. */
export default function AirChart({
  told,
  from,
  ownLimit,
}: {
  readonly told: AirOverDay
  /** The hour of the day it begins by. */
  readonly from: number
  readonly ownLimit: number | null
}) {
  const canvas = useRef<HTMLCanvasElement>(null)
  useEffect(() => {
    const { colour, scale, title } = chartLook()
    const points = told.overTime.map(({ hour, mgPerM3 }) => ({ x: from + hour, y: mgPerM3 }))
    const last = points.at(-1)!.x
    const limit: ChartDataset<'line', Point[]>[] =
      ownLimit === null
        ? []
        : [
            {
              data: [
                { x: from, y: ownLimit },
                { x: last, y: ownLimit },
              ],
              borderColor: colour('watch'),
              borderDash: [6, 4],
              borderWidth: 1.5,
              pointRadius: 0,
            },
          ]
    const chart = new Chart<'line', Point[]>(canvas.current!, {
      type: 'line',
      data: {
        datasets: [{ data: points, borderColor: colour('ink'), borderWidth: 1.8, pointRadius: 0 }, ...limit],
      },
      options: {
        animation: false,
        responsive: true,
        maintainAspectRatio: false,
        events: [],
        parsing: false,
        plugins: { legend: { display: false } },
        scales: {
          x: {
            type: 'linear',
            min: from,
            max: last,
            ...scale,
            ticks: { ...scale.ticks, stepSize: 2, callback: (hour) => `${Number(hour) % 24}:00` },
          },
          y: {
            type: 'linear',
            min: 0,
            ...scale,
            title: title('mg/m³'),
          },
        },
      },
    })
    return () => chart.destroy()
  }, [told, from, ownLimit])
  return (
    <div className="relative h-56">
      <canvas ref={canvas} aria-hidden="true" />
    </div>
  )
}
