import { useMemo, useState } from 'react'
import { dayOf } from '../../core/plan/calendar.ts'
import { groundOf, supportOf } from '../../core/stack/support.ts'
import { verdicts } from '../../core/severity.ts'
import type { Verdict } from '../../core/severity.ts'
import { brushOf, paintedAtOf } from '../../document/brush.ts'
import type { LayerDocument } from '../../document/layer.ts'
import { layerWords } from '../../document/picture/layerWords.ts'
import { faultReasons } from '../../document/pieces/reasons.ts'
import type { ReasonId } from '../../document/pieces/reasons.ts'
import type { Picture } from '../../document/picture/picture.ts'
import { findInStudio } from '../../document/studioMaterials.ts'
import { dayText, shortName, umText, upperFirst } from '../../ui/format.ts'
import { sectionAt, SmallSection } from '../../ui/paint/SmallSection.tsx'
import { later, useLater } from '../../ui/useLater.ts'
import { VerdictMark, verdictWords } from '../../ui/Verdict.tsx'

/** A picture to say something of. */
export interface PieceShown {
  readonly key: string
  readonly pieceId: string | null
  readonly title: string
  readonly story: string
  readonly picture: Picture
}

/** What the painter said of it, and what was found. */
export interface Said {
  readonly said: Verdict
  readonly why: ReasonId[]
  readonly found: Verdict
  readonly reasons: ReasonId[]
}

const revealed = later(() => import('./Reveal.tsx').then(({ Reveal }) => Reveal))

export function Piece({
  piece,
  onSaid,
  onNext,
}: {
  readonly piece: PieceShown
  readonly onSaid: (said: Said) => void
  readonly onNext: () => void
}) {
  const { picture, title, story } = piece
  const [verdict, setVerdict] = useState<Verdict | null>(null)
  const [why, setWhy] = useState<readonly ReasonId[]>([])
  const [isShown, show] = useState(false)
  const Reveal = useLater(revealed)
  return (
    <>
      {!isShown && <h1 className="text-[2.2rem] leading-tight">What do you make of it?</h1>}
      {isShown && verdict && Reveal ? (
        <Reveal piece={piece} said={verdict} why={why} onFound={onSaid} onNext={onNext} />
      ) : null}
      <h2 className={`mt-3 text-[1.45rem] ${isShown ? 'border-t border-ink pt-4' : ''}`}>{title}</h2>
      <p className="max-w-[52rem] font-read text-[1.15rem] leading-snug">{story}</p>
      <What picture={picture} />
      {!isShown && (
        <>
          <fieldset className="mt-5">
            <legend className="font-read text-[1.15rem]">It is</legend>
            <div className="mt-1.5 flex flex-wrap gap-2">
              {verdicts.map((one) => (
                <button
                  key={one}
                  type="button"
                  aria-pressed={verdict === one}
                  className="button min-h-12 min-w-32 text-[1.05rem] aria-pressed:border-2 aria-pressed:border-ink aria-pressed:bg-wash"
                  onClick={() => {
                    setVerdict(one)
                    if (one === 'sound') setWhy([])
                  }}
                >
                  <VerdictMark verdict={one} size={14} /> {verdictWords[one].toLowerCase()}
                </button>
              ))}
            </div>
          </fieldset>
          {verdict && verdict !== 'sound' && (
            <fieldset className="mt-4">
              <legend className="font-read text-[1.15rem]">because something in it is</legend>
              <div className="mt-1.5 flex flex-wrap gap-2">
                {faultReasons.map(({ id, name }) => (
                  <button
                    key={id}
                    type="button"
                    aria-pressed={why.includes(id)}
                    className="button min-h-11 aria-pressed:border-2 aria-pressed:border-ink aria-pressed:bg-wash"
                    onClick={() => setWhy(why.includes(id) ? why.filter((one) => one !== id) : [...why, id])}
                  >
                    {name}
                  </button>
                ))}
              </div>
            </fieldset>
          )}
          <p className="mt-5 flex flex-wrap gap-4">
            <button
              type="button"
              className="button button-ink min-h-12"
              disabled={verdict === null}
              onClick={() => show(true)}
            >
              Show me what is in it
            </button>
            <button type="button" className="min-h-12 link" onClick={onNext}>
              Another one
            </button>
          </p>
        </>
      )}
    </>
  )
}

/** What one can know of it by looking and asking: what was put on, how thick, and when. Nothing is judged. */
function What({ picture }: { readonly picture: Picture }) {
  const { painting, layers, today } = picture
  const section = useMemo(() => sectionAt(picture, today), [picture, today])
  const find = useMemo(() => findInStudio(picture.shelf), [picture.shelf])
  const ground = painting.ground ? groundOf(painting.ground) : undefined
  return (
    <div className="mt-3 flex flex-wrap items-end gap-x-8 gap-y-3">
      <SmallSection section={section} most={Math.max(1, section.um)} times={3.2} />
      <div className="min-w-0 grow basis-96 overflow-x-auto">
        <table className="w-full max-w-[60rem] text-[0.95rem]">
          <caption className="sr-only">What is on it, surface first</caption>
          <thead>
            <tr className="text-left text-[0.8rem] text-soft">
              <th scope="col" className="font-normal">
                surface first
              </th>
              <th scope="col" className="font-normal">
                what went into it
              </th>
              <th scope="col" className="font-normal">
                laid on, wet
              </th>
              <th scope="col" className="font-normal">
                when
              </th>
            </tr>
          </thead>
          <tbody>
            {layers.toReversed().map((layer) => (
              <tr key={layer.id} className="border-t border-rule align-top">
                <th scope="row" className="py-1.5 pr-4 text-left font-medium">
                  {layer.name}
                </th>
                <td className="py-1.5 pr-4">{layerWords(layer, picture, find).map(shortName).join('; ')}</td>
                <td className="py-1.5 pr-4 whitespace-nowrap">{umText(brushOf(layer).wetThicknessUm)}</td>
                <td className="py-1.5 whitespace-nowrap">{whenText(layer, today)}</td>
              </tr>
            ))}
            <tr className="border-t border-rule text-soft">
              <td colSpan={4} className="py-1.5">
                {upperFirst(ground?.name ?? 'no ground')} on {supportOf(painting.support)!.name}
              </td>
            </tr>
          </tbody>
        </table>
      </div>
    </div>
  )
}

function whenText(layer: LayerDocument, today: number): string {
  const at = paintedAtOf(layer)
  if (at === null)
    return layer.plannedOn ? `meant for ${dayText(dayOf(layer.plannedOn)!)}` : 'as soon as it may'
  const days = Math.floor(today) - Math.floor(dayOf(at)!)
  return days === 0 ? 'today' : days === 1 ? 'yesterday' : `${days} days ago`
}
