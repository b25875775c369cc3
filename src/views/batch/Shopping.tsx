import { useState } from 'react'
import type { ShoppingList } from '../../studio/lists/shopping.ts'
import { read } from '../../ui/client.ts'
import { about, mlText } from '../../ui/format.ts'
import { Judging } from '../../ui/lists/Judging.tsx'
import { usePages } from '../../ui/lists/usePages.ts'
import { VerdictMark } from '../../ui/Verdict.tsx'

/** A shopping list as it stands, also after another window's change. */
interface LiveShopping extends ShoppingList {
  /** Not while the first pictures are being judged: what they need comes then. */
  readonly isKnown: boolean
  /** Reads it anew, once everything is judged. */
  readonly again: () => void
}

/** What the planned layers need, read anew whenever pictures have been judged. */
export function useShopping(initial: ShoppingList, judging: number): LiveShopping {
  const pages = usePages(initial, '', () => read('GET /api/shopping'))
  const [isKnown, setKnown] = useState(judging === 0)
  const again = (): void => {
    setKnown(true)
    pages.again()
  }
  return { ...pages, isKnown, again }
}

/** What the planned layers need of each medium, what there is of it, and what to buy. */
export function Shopping({
  shopping,
  judging,
}: {
  readonly shopping: LiveShopping
  readonly judging: number
}) {
  const { entries, count, tubes, isKnown, again } = shopping
  return (
    <section aria-label="Shopping list" className="mt-8 border-t border-ink pt-3">
      <h2 className="text-xl">What the planned layers need</h2>
      <Judging left={judging} onDone={again} />
      {entries.length === 0 && isKnown && (
        <p className="text-soft">No planned layer needs a medium, or its picture has no size yet.</p>
      )}
      {entries.length > 0 && (
        <table className="mt-1 w-full max-w-[54rem]">
          <thead>
            <tr className="text-[0.8rem] text-soft">
              <td />
              <th scope="col" className="text-right font-normal">
                needed
              </th>
              <th scope="col" className="text-right font-normal">
                there is
              </th>
              <th scope="col" className="pl-6 text-left font-normal">
                so
              </th>
            </tr>
          </thead>
          <tbody>
            {entries.map(({ id: mediumId, name, layers, needMl, haveMl, shortMl, buy }) => (
              <tr key={mediumId} className="border-t border-rule align-top">
                <th scope="row" className="py-1.5 text-left font-normal">
                  {name}
                  <span className="block text-[0.88rem] text-soft">
                    {layers} {layers === 1 ? 'layer' : 'layers'}
                  </span>
                </th>
                <td className="py-1.5 text-right">{mlText(needMl)}</td>
                <td className="py-1.5 text-right">{mlText(haveMl)}</td>
                <td className="py-1.5 pl-6">
                  {shortMl > 0 ? (
                    <>
                      <VerdictMark verdict="watch" size={12} /> short of {mlText(shortMl)}
                      {buy.length > 0 && (
                        <>
                          ; for it buy{' '}
                          {buy.map(({ material, grams }) => `${about(grams)} g ${material}`).join(', ')}
                        </>
                      )}
                    </>
                  ) : (
                    'enough'
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {tubes.length > 0 && (
        <ul className="mt-2 max-w-[54rem]">
          {tubes.map(({ id, name, layers, needMl, haveMl, shortMl }) => (
            <li key={id} className="border-t border-rule py-1.5">
              <VerdictMark verdict="watch" size={12} />{' '}
              <a className="link" href={`/shelf/paints?at=${id}`}>
                {name}
              </a>
              : {layers} {layers === 1 ? 'layer wants' : 'layers want'} {mlText(needMl)}, {mlText(haveMl)} are
              left; buy at least {mlText(shortMl)}.
            </li>
          ))}
        </ul>
      )}
      {count > entries.length && (
        <p className="mt-2 text-soft">
          {count - entries.length} more mediums are needed; these are the shortest.
        </p>
      )}
      <p className="mt-2 text-[0.85rem] text-soft">
        By area, wet thickness and share of the mix; nothing for what stays on the brush. Estimate. To buy:
        what the shelf keeps count of and has too little of.
      </p>
    </section>
  )
}
