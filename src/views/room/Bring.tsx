import { useEffect, useState } from 'react'
import { dateOf } from '../../core/plan/calendar.ts'
import type { SensorTold } from '../../studio/devices/roomLog.ts'
import { read, send } from '../../ui/client.ts'
import { DateRow, NumberRow } from '../../ui/fields.tsx'
import { about, dateText } from '../../ui/format.ts'
import type { RoomDesk } from './RoomView.tsx'

/** Readings brought in: typed, from a file, or from the sensor's own log. */
export function Bring(props: RoomDesk) {
  const { room } = props
  const last = room.readings.at(-1)
  return (
    <section aria-label="Readings">
      <h2 className="border-b border-ink pb-1 text-[1.35rem]">Readings</h2>
      <p className="pt-1 text-[0.9rem] text-soft">
        {last
          ? `${room.count} days, the last ${dateText(last.on)}`
          : 'None yet: the place is taken to be as it is set'}
        . Forecasts use them for the days they were made on.
      </p>
      <Typed {...props} />
      <Sensor {...props} />
      <File {...props} />
    </section>
  )
}

function Typed({ room, today, after }: RoomDesk) {
  const [on, setOn] = useState(dateOf(today))
  const [temperatureC, setTemperature] = useState(Math.round(room.now.temperatureC))
  const [relativeHumidityPct, setHumidity] = useState(Math.round(room.now.relativeHumidityPct))
  const write = (): void =>
    after(
      send('PUT /api/readings', {
        reading: { placeId: room.placeId, on, temperatureC, relativeHumidityPct, light: null, by: 'hand' },
      }),
      `${temperatureC} °C and ${relativeHumidityPct} % humidity on ${dateText(on)}.`,
    )
  return (
    <div className="flex flex-wrap items-end gap-3 pt-2">
      <DateRow label="Day" className="w-40" value={on} onValue={(date) => date && setOn(date)} />
      <NumberRow
        label="Temperature, °C"
        className="w-28"
        value={temperatureC}
        low={-30}
        high={60}
        onValue={setTemperature}
      />
      <NumberRow
        label="Humidity, %"
        className="w-24"
        value={relativeHumidityPct}
        low={0}
        high={100}
        onValue={setHumidity}
      />
      <button type="button" className="button min-h-11" onClick={write}>
        Write it down
      </button>
    </div>
  )
}

function Sensor({ room, after }: RoomDesk) {
  const [told, setTold] = useState<SensorTold | null>(null)
  const { placeId, count } = room
  useEffect(() => {
    let isOver = false
    void read('GET /api/sensor', { query: { place: placeId } }).then((reply) => {
      if (!isOver && reply.ok) setTold(reply.value)
    })
    return () => {
      isOver = true
    }
  }, [placeId, count])
  return (
    <p role="status" className="flex min-h-11 flex-wrap items-center gap-x-4 pt-2">
      {!told && 'Asking the sensor …'}
      {told && !told.now && (
        <span className="text-soft">No sensor answers. One that logs can be put beside the program.</span>
      )}
      {told?.now && (
        <>
          <span>
            The sensor reads {about(told.now.temperatureC, 3)} °C and{' '}
            {Math.round(told.now.relativeHumidityPct)} % humidity now.
          </span>
          {told.newDays > 0 ? (
            <button
              type="button"
              className="button min-h-11"
              onClick={() =>
                after(send('POST /api/sensor', { placeId }), 'What the sensor logged is taken in.')
              }
            >
              Take in {told.newDays} {told.newDays === 1 ? 'day' : 'days'} it has logged
            </button>
          ) : (
            <span className="text-soft">All it has logged is taken in.</span>
          )}
        </>
      )}
    </p>
  )
}

const File = ({ room, after }: RoomDesk) => (
  <p className="flex flex-wrap items-center gap-x-5">
    <label className="inline-flex min-h-11 cursor-pointer items-center link">
      bring a file of readings
      <input
        type="file"
        accept=".csv,text/csv"
        className="sr-only"
        onChange={({ target }) => {
          const [file] = target.files ?? []
          if (file)
            void file
              .text()
              .then((csv) =>
                after(
                  send('POST /api/readings.csv', { csv, placeId: room.placeId }),
                  'The file is taken in.',
                ),
              )
          target.value = ''
        }}
      />
    </label>
    <a className="inline-flex min-h-11 items-center link" href={`/api/readings.csv?place=${room.placeId}`}>
      the readings as a file
    </a>
    <span className="basis-full text-[0.82rem] text-soft">
      Columns: date, temperature_c, humidity_percent, light (may be left out). Several of a day count by their
      mean.
    </span>
  </p>
)
