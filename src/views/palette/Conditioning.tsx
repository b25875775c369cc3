import type { LayerDocument } from '../../document/layer.ts'
import type { PaletteDocument } from '../../document/palette.ts'
import { Chooser } from '../../ui/Chooser.tsx'
import { Labelled, NumberRow, TypedRow } from '../../ui/fields.tsx'
import type { Reading } from '../../ui/fields.tsx'
import { parseParts } from '../../core/measure/parse.ts'
import { about } from '../../ui/format.ts'
import { MaterialRow } from '../../ui/MaterialField.tsx'
import { useChoice } from '../../ui/bench/useBench.ts'
import type { usePicture } from '../stack/usePicture.ts'
import { plannedFatness } from './laidOut.ts'
import type { LaidPalette } from './laidOut.ts'

interface ConditioningProps {
  readonly layer: LayerDocument
  readonly laid: LaidPalette
  readonly edited: ReturnType<typeof usePicture>
  readonly onPalette: (change: Partial<PaletteDocument>) => void
}

const ways = [
  ['proportion', 'The same proportion'],
  ['fatness', 'Every heap equally fat'],
] as const
const mediumLookups = ['medium', 'batch'] as const
const noMedium = [{ id: '', name: 'none' }]
const usualProportion = 0.25

/** "1 : 9" for a ninth of medium on the paint. */
const proportionText = (proportion: number): string =>
  proportion === 0 ? '0' : proportion <= 1 ? `1 : ${about(1 / proportion, 3)}` : `${about(proportion, 3)} : 1`

/** How the doses are found, and what is stirred in. */
export function Conditioning({ layer, laid, edited, onPalette }: ConditioningProps) {
  const { palette } = laid
  const { by } = palette
  const choice = useChoice(edited.bring)
  const isFat = 'fatness' in by
  const turn = (way: (typeof ways)[number][0]): void => {
    if ((way === 'fatness') === isFat) return
    onPalette({
      by: way === 'fatness' ? { fatness: plannedFatness(laid) } : { proportion: usualProportion },
    })
  }
  return (
    <div className="not-printed mt-3 flex flex-wrap items-end gap-x-4 gap-y-3">
      <div role="group" aria-label="How the medium is shared out" className="flex">
        {ways.map(([id, name]) => (
          <button
            key={id}
            type="button"
            aria-pressed={isFat === (id === 'fatness')}
            className="min-h-11 border border-rule px-2.5 aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-paper"
            onClick={() => turn(id)}
          >
            {name}
          </button>
        ))}
      </div>
      {isFat ? (
        <NumberRow
          label="as fat as"
          className="w-20"
          value={by.fatness}
          low={0.5}
          high={30}
          unit="×"
          onValue={(fatness) => onPalette({ by: { fatness } })}
        />
      ) : (
        <TypedRow
          label="medium : paint"
          className="w-24"
          isFigure
          shown={proportionText(by.proportion)}
          read={(text): Reading<number> => {
            const parsed = parseParts(text, 1)
            return !parsed.ok
              ? { problem: parsed.message }
              : parsed.value > 20
                ? { problem: 'At most 20 parts of medium to one of paint.' }
                : { value: parsed.value }
          }}
          onValue={(proportion) => onPalette({ by: { proportion } })}
        />
      )}
      {!layer.painted && (
        <>
          <Labelled label="Medium" className="w-36">
            {(id) => (
              <Chooser
                id={id}
                shown={laid.mediumName ?? 'none'}
                options={noMedium}
                lookups={mediumLookups}
                lately="medium"
                onChoose={(chosen) =>
                  void choice.choose(chosen, () =>
                    edited.editLayer(layer.id, {
                      palette,
                      medium: chosen.id
                        ? { mediumId: chosen.id, parts: layer.medium?.parts ?? usualProportion }
                        : null,
                    }),
                  )
                }
              />
            )}
          </Labelled>
          <MaterialRow
            role="thinner"
            label="Thinner"
            className="w-28"
            value={layer.thinner?.material ?? ''}
            findMaterial={laid.findMaterial}
            orNone
            bring={edited.bring}
            onValue={(material) =>
              edited.editLayer(layer.id, {
                palette: { ...palette, thinnerShare: material ? palette.thinnerShare || 0.1 : 0 },
                thinner: material ? { material, parts: layer.thinner?.parts ?? 0.1 } : null,
              })
            }
          />
          {layer.thinner && (
            <NumberRow
              label="of the wet mix"
              className="w-20"
              value={Number((100 * palette.thinnerShare).toPrecision(3))}
              low={0}
              high={90}
              unit="%"
              onValue={(percent) => onPalette({ thinnerShare: percent / 100 })}
            />
          )}
        </>
      )}
    </div>
  )
}
