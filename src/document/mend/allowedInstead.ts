import { nearestOils, nearestThinners } from '../../core/dosing/nearest.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import type { Material } from '../../core/materials/material.ts'
import { worstAnswer } from '../../core/materials/policy.ts'
import { analyseMedium } from '../../core/medium/medium.ts'
import type { UsableMedium } from '../batchMedium.ts'
import type { Brush } from '../brush.ts'
import { asLoosePaint } from '../paints.ts'
import type { Picture } from '../picture/picture.ts'
import { studioMaterials } from '../studioMaterials.ts'

/** What may come into the room in the place of what may not, and how it is called. */
export interface Instead {
  readonly change: Partial<Pick<Brush, 'paints' | 'thinner' | 'besides' | 'medium'>>
  readonly names: readonly string[]
}

/** What may come into a room, of all that the studio has. */
interface Room {
  readonly allows: (material: Material) => boolean
  readonly allowed: readonly Material[]
  readonly findMaterial: FindMaterial
}

/**
 * A brush with all that the room does not surely let in replaced by the nearest of its kind (rules.md 26): the oil of a
 * tube, the thinner, the medium by another of the studio's; where there is none, without it, as without what else went in.
 * A pigment is the painter's to replace.
 */
export function allowedInstead(
  picture: Picture,
  brush: Brush,
  findMaterial: FindMaterial,
): readonly Instead[] {
  const allows = (material: Material): boolean => worstAnswer([material], picture.settings.policies) === null
  const room: Room = { allows, allowed: studioMaterials(picture.shelf).filter(allows), findMaterial }
  const base = [oilInstead, thinnerInstead, besidesInstead]
    .map((instead) => instead(brush, room))
    .filter((one) => one !== null)
  return mediumsInstead(brush, picture, room)
    .map((medium) => together([...base, ...medium]))
    .filter(({ names }) => names.length > 0)
}

const together = (parts: readonly Instead[]): Instead => ({
  change: Object.assign({}, ...parts.map(({ change }) => change)) as Instead['change'],
  names: parts.flatMap(({ names }) => names),
})

function oilInstead({ paints }: Brush, { allows, allowed, findMaterial }: Room): Instead | null {
  const found = paints.map(({ oil: id }) => {
    const oil = findMaterial(id)
    return oil && !allows(oil) ? nearestOils(allowed, oil)[0] : undefined
  })
  const names = [...new Set(found.flatMap((oil) => (oil ? [`paint ground in ${oil.name}`] : [])))]
  if (names.length === 0) return null
  return {
    change: {
      paints: paints.map((paint, at) => (found[at] ? { ...asLoosePaint(paint), oil: found[at].id } : paint)),
    },
    names,
  }
}

function thinnerInstead({ thinner }: Brush, { allows, allowed, findMaterial }: Room): Instead | null {
  const now = thinner && findMaterial(thinner.material)
  if (!thinner || !now || allows(now)) return null
  const [other] = nearestThinners(allowed, now)
  return other
    ? { change: { thinner: { ...thinner, material: other.id } }, names: [`${other.name} as its thinner`] }
    : { change: { thinner: null }, names: ['no thinner'] }
}

function besidesInstead({ besides }: Brush, { allows, findMaterial }: Room): Instead | null {
  const refused = besides.flatMap(({ material }) => {
    const found = findMaterial(material)
    return found && !allows(found) && found.family !== 'pigment' ? [found] : []
  })
  if (refused.length === 0) return null
  const kept = besides.filter(({ material }) => !refused.some(({ id }) => id === material))
  return { change: { besides: kept }, names: refused.map(({ name }) => `no ${name} besides`) }
}

/** What may be done about the medium, one thing at a time: nothing, another of the studio's, none. */
function mediumsInstead(
  { medium }: Brush,
  { mediums }: Picture,
  { allows, findMaterial }: Room,
): readonly (readonly Instead[])[] {
  const isAllowed = ({ id, recipe }: UsableMedium): boolean => {
    const made = analyseMedium(recipe, findMaterial, (other) => mediums.find((one) => one.id === other), [id])
    return made.ok && made.medium.ingredients.every(({ material }) => allows(material))
  }
  const own = mediums.find(({ id }) => id === medium?.mediumId)
  if (!medium || !own || isAllowed(own)) return [[]]
  const others = mediums
    .filter(isAllowed)
    .map(({ id, name }): Instead => ({ change: { medium: { ...medium, mediumId: id } }, names: [name] }))
  return [...others.map((other) => [other]), [{ change: { medium: null }, names: ['no medium'] }]]
}
