import type { ReactNode } from 'react'
import type { Reason } from '../core/reason.ts'
import { scienceSections } from '../core/science.ts'
import { about } from './format.ts'
import { Popup } from './Popup.tsx'

/** A number, or a word, that answers when asked why. */
export function Why({
  reason,
  children,
  label,
  className = '',
}: {
  /** Null until it has come. */
  readonly reason: Reason | null
  readonly children: ReactNode
  readonly label?: string
  readonly className?: string
}) {
  return (
    <Popup
      button={children}
      buttonLabel={label}
      buttonClassName={`asks ${className}`}
      label={reason ? `Why: ${reason.title}` : 'Why'}
      className="w-[25rem]"
    >
      {reason && <Reasons {...reason} />}
    </Popup>
  )
}

function Reasons({ title, formula, figures, source, section }: Reason) {
  return (
    <>
      <h3 className="text-lg leading-snug">{title}</h3>
      <p className="mt-1 text-[0.9rem] leading-snug">{formula}</p>
      <table className="mt-3 w-full text-[0.85rem]">
        <tbody>
          {figures.map(({ is, value, unit }) => (
            <tr key={is} className="border-t border-rule align-top">
              <th scope="row" className="py-1 pr-3 text-left font-normal text-soft">
                {is}
              </th>
              <td className="py-1 text-right whitespace-nowrap">
                {value === null ? 'none' : `${about(value, 3)}${unit && ` ${unit}`}`}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-2 border-t border-rule pt-2 text-[0.8rem] text-soft">
        {source}{' '}
        <a className="link" href={`/science#${scienceSections[section]}`}>
          How it is reckoned
        </a>
      </p>
    </>
  )
}
