import { volumeOf } from '../medium/amount.ts'
import { mixOfPortions } from '../film/film.ts'
import { tubeDensity, tubeIngredients } from '../film/paint.ts'
import type { BeforeDrinking } from '../film/film.ts'
import type { Tube } from '../film/paint.ts'
import { hazardsOf } from '../materials/hazards.ts'
import type { Hazard } from '../materials/hazards.ts'
import { kindOf } from '../materials/material.ts'
import type { Material, Transparency } from '../materials/material.ts'
import type { FindMaterial } from '../materials/find.ts'
import { lightfastnesses } from './speeds.ts'
import { fadesWord, freeOf, speedWords } from '../materials/search.ts'
import type { Findable } from '../materials/search.ts'
import { wordsIn } from '../materials/askedWords.ts'
import { spellingsOf } from '../materials/spellings.ts'

/** What a tube is, as it comes out of it. */
export interface TubeFacts {
  readonly film: BeforeDrinking
  readonly densityGPerMl: number
  /** Oil of the paint by mass. */
  readonly oilShare: number
  /** "fast", "slow": how its paint dries, oil and powders together, raw linseed = 1. */
  readonly speed: string
  /** Of several pigments the slowest, which holds the others back by its share; null of a single one. */
  readonly slowest: { readonly pigment: Material; readonly share: number } | null
  readonly transparency: Transparency
  readonly sinkingTendency: number
  /** The worst of its pigments; the empty text where none is known. */
  readonly lightfastness: string
  readonly hazards: readonly Hazard[]
  readonly materials: readonly Material[]
}

const anyThicknessUm = 100
/** From this share of its powder an opaque pigment makes a paint opaque. */
const opaqueFrom = 1 / 3

/** What a tube is, from its pigments and its oil; null where one of them is not to be found. */
export function tubeFacts(tube: Tube, findMaterial: FindMaterial): TubeFacts | null {
  const portions = tubeIngredients(tube, findMaterial)
  if (!portions.ok) return null
  const neat = mixOfPortions({ paint: portions.ingredients, medium: [], thinner: [] }, anyThicknessUm)
  if (!neat.ok) return null
  const { film } = neat.mix
  const density = tubeDensity(portions.ingredients)
  const powders = portions.ingredients.slice(0, -1)
  const powderMl = volumeOf(powders)
  const shareOf = (is: (pigment: Material) => boolean): number =>
    powders.reduce((sum, { material, volumeMl }) => sum + (is(material) ? volumeMl / powderMl : 0), 0)
  const slow = [...powders].sort((a, b) => rateOf(a.material) - rateOf(b.material))[0]!
  const materials = portions.ingredients.map(({ material }) => material)
  return {
    film,
    densityGPerMl: density,
    oilShare: portions.ingredients.at(-1)!.massG / density,
    speed: speedWords(film.rate)[0]!,
    slowest: powders.length > 1 ? { pigment: slow.material, share: slow.volumeMl / powderMl } : null,
    transparency:
      shareOf(({ transparency }) => transparency === 'opaque') >= opaqueFrom
        ? 'opaque'
        : shareOf(({ transparency }) => transparency === 'transparent') > 0.5
          ? 'transparent'
          : 'semi',
    sinkingTendency: powders.reduce(
      (sum, { material, volumeMl }) => sum + ((material.sinkingTendency ?? 1) * volumeMl) / powderMl,
      0,
    ),
    lightfastness: worst(powders.map(({ material }) => material.lightfastness ?? '')),
    hazards: hazardsOf(materials),
    materials,
  }
}

/** What it does, in a painter's words. */
export const tubeDeeds = ({
  speed,
  transparency,
  sinkingTendency,
  lightfastness,
}: TubeFacts): readonly string[] => [
  speed,
  transparency === 'semi' ? 'half transparent' : transparency,
  ...(sinkingTendency >= sinksFrom ? ['sinks'] : []),
  ...(lightfastness ? [fadesWord(lightfastness)] : []),
]

const sinksFrom = 3.5

/** A tube by its name, its pigments, its oil and what it does: "transparent, fast, no cadmium". */
export function tubeFound(name: string, facts: TubeFacts): Findable {
  const { materials, hazards } = facts
  const names = materials.flatMap((material) => [material.name, material.pigmentCode, spellingsOf(material)])
  return {
    name: [name, ...names].join(' ').toLowerCase(),
    words: wordsIn(['paint tube', ...tubeDeeds(facts), ...hazards].join(' ')),
    free: freeOf(materials),
  }
}

const rateOf = ({ rate }: Material): number => rate?.mid ?? 1

/** Grades by how they last, best first; what is not graded comes before all. */
const grades: readonly string[] = ['', ...lightfastnesses]
const gradeOf = (lightfastness: string): number =>
  grades.indexOf(/^(IV|V|I{1,3})/.exec(lightfastness)?.[0] ?? '')
const worst = (all: readonly string[]): string =>
  all.reduce((last, one) => (gradeOf(one) > gradeOf(last) ? one : last), '')

/** A tube by what it is called and what is in it. */
export interface NamedTube {
  readonly id: string
  readonly name: string
  readonly pigments: Tube['pigments']
}

/** Tubes that are one pigment under several names, and names that stand over different pigments. */
export interface Namesakes {
  readonly samePigment: readonly (readonly NamedTube[])[]
  readonly sameName: readonly (readonly NamedTube[])[]
}

export function namesakesOf(tubes: readonly NamedTube[], findMaterial: FindMaterial): Namesakes {
  const pigmentsOf = ({ pigments }: NamedTube): string =>
    pigments
      .map(({ pigment }) => {
        const material = findMaterial(pigment)
        return material ? kindOf(material) : pigment
      })
      .sort()
      .join(' ')
  const nameOf = ({ name }: NamedTube): string => name.trim().toLowerCase()
  return {
    samePigment: alike(tubes, pigmentsOf, nameOf),
    sameName: alike(tubes, nameOf, pigmentsOf),
  }
}

/** Groups that agree in one thing and differ in the other. */
function alike(
  tubes: readonly NamedTube[],
  agreeing: (tube: NamedTube) => string,
  differing: (tube: NamedTube) => string,
): readonly (readonly NamedTube[])[] {
  const groups = new Map<string, NamedTube[]>()
  for (const tube of tubes) groups.set(agreeing(tube), [...(groups.get(agreeing(tube)) ?? []), tube])
  return [...groups.values()].filter((group) => new Set(group.map(differing)).size > 1)
}
