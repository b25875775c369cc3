import { Chart, LinearScale, LineController, LineElement, PointElement } from 'chart.js'
import type { ChartDataset, Point } from 'chart.js'
import { useEffect, useRef } from 'react'
import { dayOf } from '../../core/plan/calendar.ts'
import { monthName } from '../../document/dateText.ts'
import type { RoomPage } from '../../studio/lists/roomPage.ts'
import { chartLook, tickOf } from '../../ui/chart/chartLook.ts'

Chart.register(LineController, LineElement, PointElement, LinearScale)

type Data = ChartDataset<'line', Point[]>

const warm = '#9c5a2b'
const damp = '#3c6e8f'
const monthDays = 30.44

/** A year back as it was read, and a year on as it is expected: warmth on the left, humidity on the right. */
export default function YearChart({ room, today }: { readonly room: RoomPage; readonly today: number }) {
  const canvas = useRef<HTMLCanvasElement>(null)
  useEffect(() => {
    const { colour, scale, title } = chartLook()
    const chart = new Chart<'line', Point[]>(canvas.current!, {
      type: 'line',
      data: {
        datasets: [
          ...linesOf(room),
          {
            data: [
              { x: today, y: -50 },
              { x: today, y: 100 },
            ],
            borderColor: colour('today'),
            borderWidth: 1.5,
            pointRadius: 0,
          },
        ],
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
            min: today - 365,
            max: today + 365,
            ...scale,
            ticks: { ...scale.ticks, stepSize: 2 * monthDays, callback: (day) => monthName(Number(day)) },
          },
          y: {
            type: 'linear',
            min: 5,
            max: 35,
            ...scale,
            ticks: { ...scale.ticks, callback: tickOf(' °C') },
          },
          right: {
            type: 'linear',
            min: 20,
            max: 100,
            position: 'right',
            ...scale,
            grid: { display: false },
            title: title('% humidity'),
          },
        },
      },
    })
    return () => chart.destroy()
  }, [room, today])
  return (
    <div className="relative h-56">
      <canvas ref={canvas} aria-hidden="true" />
    </div>
  )
}

const line = (points: Point[], borderColor: string, rest: Partial<Data> = {}): Data => ({
  data: points,
  borderColor,
  borderWidth: 1.6,
  pointRadius: 0,
  ...rest,
})

function linesOf({ readings, expected }: RoomPage): Data[] {
  const read = readings.map((one) => ({ ...one, x: dayOf(one.on)! }))
  const coming = expected.map((one) => ({ ...one, x: dayOf(one.on)! }))
  const dashed = { borderDash: [4, 4] }
  const warmth = (days: typeof read | typeof coming) =>
    days.map(({ x, temperatureC }) => ({ x, y: temperatureC }))
  const damps = (days: typeof read | typeof coming) =>
    days.map(({ x, relativeHumidityPct }) => ({ x, y: relativeHumidityPct }))
  return [
    line(warmth(read), warm),
    line(warmth(coming), warm, dashed),
    line(damps(read), damp, { yAxisID: 'right', borderWidth: 1 }),
    line(damps(coming), damp, { yAxisID: 'right', borderWidth: 1, ...dashed }),
  ]
}
