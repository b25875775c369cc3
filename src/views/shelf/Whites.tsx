import { useMemo, useState } from 'react'
import type { FindMaterial } from '../../core/materials/find.ts'
import { isWhite, rankWhites, whiteRoles } from '../../core/palette/whites.ts'
import type { RankedWhite, WhiteRole, WhiteTrait } from '../../core/palette/whites.ts'
import { tubeFacts } from '../../core/palette/tubeFacts.ts'
import { practicesWith, practiceOf } from '../../core/practice/shipped.ts'
import { compositionOf } from '../../document/ownTube.ts'
import type { PracticeDocument } from '../../document/practice.ts'
import type { Settings } from '../../document/studio.ts'
import type { OwnTube } from '../../document/tube.ts'
import { dayCount } from '../../core/words.ts'
import { ChoiceRow } from '../../ui/fields.tsx'
import { Streak } from '../../ui/paint/Streak.tsx'
import { tubeColour } from '../../ui/paint/tubeColour.ts'

interface WhitesProps {
  readonly whites: readonly OwnTube[]
  readonly practices: readonly PracticeDocument[]
  readonly settings: Settings
  readonly findMaterial: FindMaterial
  readonly onChoose: (id: string) => void
}

const roles = Object.entries(whiteRoles).map(([id, { name }]) => ({ id, name }))

const traitNames: Readonly<Record<WhiteTrait, string>> = {
  speed: 'fast',
  hiding: 'hides',
  yellowing: 'stays white',
  film: 'tough film',
  body: 'body',
  hazard: 'harmless',
}
const traits = Object.keys(traitNames) as readonly WhiteTrait[]

/** The painter's own whites for a role, the best first; those its gate rules out stand last and say why. */
export function Whites({ whites, practices, settings, findMaterial, onChoose }: WhitesProps) {
  const [role, setRole] = useState<WhiteRole>('underpainting')
  const [practiceId, setPractice] = useState('oil-led')
  const practice = practiceOf(practiceId, practices)
  const ranked = useMemo(() => {
    const known = whites.flatMap((tube) => {
      const facts = tubeFacts(compositionOf(tube, findMaterial), findMaterial)
      return facts && isWhite(facts) ? [{ id: tube.id, name: tube.name, facts }] : []
    })
    return rankWhites(known, role, { ...settings, practice })
  }, [whites, findMaterial, role, settings, practice])
  const [first] = ranked
  return (
    <section aria-label="Which white?">
      <h2 className="text-[1.6rem] leading-tight">Which white?</h2>
      <p className="mt-1 font-read text-[1.15rem]">
        {!first
          ? 'You have no white on your shelf. Put in a tube first.'
          : first.excluded
            ? `None of your whites will do for ${whiteRoles[role].name}.`
            : `For ${whiteRoles[role].name}: ${first.name}.`}
      </p>
      <div className="mt-3 grid gap-x-6 gap-y-3 sm:grid-cols-2">
        <ChoiceRow
          label="For"
          value={role}
          onValue={(chosen) => setRole(chosen as WhiteRole)}
          options={roles}
        />
        <ChoiceRow
          label="Practice"
          value={practice.id}
          onValue={setPractice}
          options={practicesWith(practices).map(({ id, name }) => ({ id, name }))}
        />
      </div>
      <ol className="mt-4">
        {ranked.map((white, at) => (
          <WhiteRow
            key={white.id}
            white={white}
            place={white.excluded ? null : at + 1}
            wantsGlaze={whiteRoles[role].wants === 'transparent'}
            tube={whites.find(({ id }) => id === white.id)!}
            findMaterial={findMaterial}
            onChoose={onChoose}
          />
        ))}
      </ol>
      <p className="mt-3 text-[0.85rem] text-soft">
        Speed and hiding count three times, yellowing and film twice, body and hazard once. The marks are our
        judgement of typical figures; days are an estimate for {settings.climate.temperatureC} °C.
      </p>
    </section>
  )
}

function WhiteRow({
  white,
  place,
  wantsGlaze,
  tube,
  findMaterial,
  onChoose,
}: {
  readonly white: RankedWhite
  readonly place: number | null
  readonly wantsGlaze: boolean
  readonly tube: OwnTube
  readonly findMaterial: FindMaterial
  readonly onChoose: (id: string) => void
}) {
  const transparency = tubeFacts(compositionOf(tube, findMaterial), findMaterial)?.transparency ?? 'opaque'
  return (
    <li className={`border-t border-rule py-2 ${place === null ? 'text-soft' : ''}`}>
      <div className="flex items-center gap-3">
        <span className="w-5 font-read text-xl">{place ?? '–'}</span>
        <Streak colour={tubeColour(tube, findMaterial)} transparency={transparency} />
        <button type="button" className="min-h-9 grow text-left link" onClick={() => onChoose(white.id)}>
          {white.name}
        </button>
        {white.touchDays !== null && (
          <span className="text-[0.9rem]">touch dry in {dayCount(white.touchDays)}</span>
        )}
      </div>
      {white.excluded && <p className="ml-8 text-[0.9rem]">Left out: {white.excluded}</p>}
      <dl className="mt-1 ml-8 grid grid-cols-3 gap-x-4 gap-y-1 text-[0.8rem] sm:grid-cols-6">
        {traits.map((trait) => (
          <div key={trait}>
            <dt className="text-soft">
              {trait === 'hiding' && wantsGlaze ? 'lets light through' : traitNames[trait]}
            </dt>
            <dd>
              <svg width="60" height="7" role="img" aria-label={fifths(white.traits[trait])}>
                <rect width="60" height="7" fill="var(--wash)" />
                <rect width={60 * white.traits[trait]} height="7" fill="var(--ink)" />
              </svg>
            </dd>
          </div>
        ))}
      </dl>
    </li>
  )
}

const fifths = (trait: number): string => `${Math.round(5 * trait)} of 5`
