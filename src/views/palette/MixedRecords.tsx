import { shortNameOf } from '../../core/materials/find.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import { heapName } from '../../document/palette/heaps.ts'
import type { LayerDocument } from '../../document/layer.ts'
import { about, mlText, momentText } from '../../ui/format.ts'

/** What was really on the palette, the last first. */
export function MixedRecords({
  layer: { mixed },
  findMaterial,
}: {
  readonly layer: LayerDocument
  readonly findMaterial: FindMaterial
}) {
  if (mixed.length === 0) return null
  return (
    <section aria-label="What was mixed" className="mt-5 border-t border-rule pt-3">
      <h2 className="text-xl">What was mixed</h2>
      <ol>
        {mixed.toReversed().map(({ at, medium, heaps }) => (
          <li key={at} className="mt-2">
            <p className="text-soft">
              {momentText(at)}
              {medium ? `, with ${medium}` : ''}
            </p>
            <ul>
              {heaps.map(({ paints, ml, mediumMl, drops, thinnerMl, besides }, index) => (
                <li key={index}>
                  {about(ml, 3)} ml of {heapName({ paints }, findMaterial)}
                  {drops !== null
                    ? `, ${drops} ${drops === 1 ? 'drop' : 'drops'} of medium`
                    : mediumMl > 0
                      ? `, ${mlText(mediumMl)} of medium`
                      : ', neat'}
                  {thinnerMl > 0 && `, ${mlText(thinnerMl)} thinner`}
                  {besides.map(
                    ({ material, parts }) =>
                      `, besides ${mlText(parts)} of ${shortNameOf(material, findMaterial).toLowerCase()}`,
                  )}
                </li>
              ))}
            </ul>
          </li>
        ))}
      </ol>
    </section>
  )
}
