import { classNames } from '../../core/materials/material.ts'
import type { ClassName, Shares } from '../../core/materials/material.ts'
import type { Medium } from '../../core/medium/medium.ts'
import { about, gramsText, mlText, percentText } from '../../ui/format.ts'

/** Colours of the classes in a bar; the words stand beside it. */
const classColours: Readonly<Record<ClassName, string>> = {
  oil: '#d9b45c', alkyd: '#b98a45', resin: '#9c5a2b', wax: '#e8dfae', protein: '#e0a58c', polymer: '#a8b7c9', gum: '#c7b98f',
  extender: '#cfcabd', pigment: '#7a5a6b', drier: '#7d6aa3', volatile: '#b9d0d6', water: '#8fb4cc', other: '#a39f95',
} // prettier-ignore

const columns: readonly (readonly [head: string, of: string, shares: (medium: Medium) => Shares])[] = [
  ['As measured', 'of the volumes you measured', ({ asMeasured }) => asMeasured.byVolume],
  ['As mixed', 'of the mix by true volume', ({ wet }) => wet.byVolume],
  ['As mixed', 'of the mix by mass', ({ wet }) => wet.byMass],
  ['Dried', 'of the dried film by volume', ({ dry }) => dry.byVolume],
  ['Dried', 'of the dried film by mass', ({ dry }) => dry.byMass],
]

/** What a medium is, three times over: as the spoon saw it, as it stands in the jar, and as it dries. */
export function Truths({ medium }: { readonly medium: Medium }) {
  const present = classNames.filter((name) => columns.some(([, , shares]) => shares(medium)[name] > 0.0005))
  return (
    <section aria-label="What it really is">
      <h2 className="text-xl">What it really is</h2>
      <p className="mt-1 text-soft">
        {gramsText(medium.massG)} · {mlText(medium.volumeMl)} · {about(medium.densityGPerMl, 3)} g/ml
      </p>
      <div className="mt-3 grid grid-cols-3 gap-4" aria-hidden="true">
        {[columns[0]!, columns[1]!, columns[3]!].map(([head, of, shares]) => (
          <div key={of}>
            <Bar shares={shares(medium)} />
            <p className="mt-1 text-[0.8rem] leading-tight text-soft">
              {head}, {of}
            </p>
          </div>
        ))}
      </div>
      <table className="mt-4 w-full text-[0.95rem]">
        <thead>
          <tr className="text-left align-bottom text-[0.8rem] text-soft">
            <td />
            {columns.map(([head, of]) => (
              <th key={of} scope="col" className="pb-1 pl-3 text-right font-normal">
                <span className="block font-medium text-ink">{head}</span>
                {of}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {present.map((name) => (
            <tr key={name} className="border-t border-rule">
              <th scope="row" className="py-1 text-left font-normal whitespace-nowrap">
                <svg width="11" height="11" aria-hidden="true" className="mr-2 inline-block">
                  <rect width="11" height="11" fill={classColours[name]} stroke="var(--soft)" strokeWidth="0.6" />
                </svg>
                {name}
              </th>
              {columns.map(([, of, shares]) => (
                <td key={of} className="py-1 text-right">
                  {percentText(shares(medium)[name])}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  )
}

function Bar({ shares }: { readonly shares: Shares }) {
  let from = 0
  return (
    <svg width="100%" height="26" className="block border border-rule">
      {classNames.map((name) => {
        const x = from
        from += shares[name]
        return shares[name] > 0 ? <rect key={name} x={`${x * 100}%`} width={`${shares[name] * 100}%`} height="26" fill={classColours[name]} /> : null
      })}
    </svg>
  )
}
