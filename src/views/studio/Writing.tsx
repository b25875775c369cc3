import { useState } from 'react'
import type { ReactNode } from 'react'
import { ChoiceRow } from '../../ui/fields.tsx'
import { writingCookie } from '../../writing/asked.ts'
import type { Chosen } from '../../writing/asked.ts'
import type { Writing as Wanted } from '../../writing/writing.ts'

const asked: {
  readonly [Key in keyof Wanted]: { readonly label: string; readonly names: Record<Wanted[Key], string> }
} = {
  decimal: { label: 'Decimal sign', names: { point: 'point', comma: 'comma' } },
  units: { label: 'Units', names: { metric: 'ml, cm, °C', us: 'fl oz, in, °F' } },
  dates: { label: 'Dates', names: { day: 'day first', month: 'month first' } },
}

const yearS = 365 * 24 * 3600

function keep(chosen: Chosen): void {
  const value = Object.values(chosen).join('.')
  document.cookie = `${writingCookie}=${value}; path=/; max-age=${value ? yearS : 0}; samesite=lax`
}

/** How this device has numbers written: as its browser has them, unless it is told otherwise. */
export function Writing({ chosen, byBrowser }: { readonly chosen: Chosen; readonly byBrowser: Wanted }) {
  const [now, setNow] = useState(chosen)
  const row = <Key extends keyof Wanted>(key: Key): ReactNode => {
    const { label, names } = asked[key]
    return (
      <ChoiceRow
        label={label}
        value={now[key] ?? ''}
        onValue={(value) => {
          const { [key]: _, ...others } = now
          const next: Chosen = value ? { ...others, [key]: value } : others
          setNow(next)
          keep(next)
          location.reload()
        }}
        options={[
          { id: '', name: `as browser: ${names[byBrowser[key]]}` },
          ...Object.entries<string>(names).map(([id, name]) => ({ id, name })),
        ]}
      />
    )
  }
  return (
    <section aria-label="Numbers and dates" className="grid content-start gap-3">
      <h2 className="border-b border-ink pb-1 text-[1.35rem]">Numbers and dates on this device</h2>
      <div className="grid gap-4 sm:grid-cols-3">
        {row('decimal')}
        {row('units')}
        {row('dates')}
      </div>
      <p className="text-[0.88rem] text-soft">
        Only how they are shown here; every other device keeps its own. Either decimal sign and either unit
        can be typed anywhere. Weights stay in grams, as scales show them.
      </p>
    </section>
  )
}
