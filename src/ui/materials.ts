import { familyNames } from '../core/materials/families.ts'
import { library } from '../core/materials/library.ts'
import type { Family, Material } from '../core/materials/material.ts'
import type { Choosable } from './Chooser.tsx'

/** The library as lists to choose from, in plain words. */

interface Option {
  readonly id: string
  readonly name: string
  readonly group: string
}

/** How a material is called where it is chosen: a pigment with its colour index. */
export const choiceName = ({ name, family, pigmentCode }: Material): string =>
  pigmentCode && family === 'pigment' ? `${name}, ${pigmentCode}` : name

const option = (material: Material): Option => ({
  id: material.id,
  name: choiceName(material),
  group: familyNames[material.family],
})

/** What a material is chosen as: which of the book's, and which families of the painter's own. */
interface Role {
  readonly options: readonly Choosable[]
  readonly families: readonly Family[]
}

const roleOf = (family: Family, suits: (material: Material) => boolean = () => true): Role => ({
  families: [family],
  options: library
    .filter((material) => material.family === family && suits(material))
    .map((material) => ({ id: material.id, name: choiceName(material) })),
})

/** A paint cannot be bound with an oil that does not dry. */
const driesFrom = 0.3

/** Tubes are bound in these too. */
const otherBinders = ['alkyd_long_oil', 'egg_yolk', 'acrylic_dispersion', 'gum_arabic_solution', 'casein_12']

const notForPaint = ['ethanol', 'acetone', 'isopropanol', 'xylene', 'odourless_kerosene', 'fast_spirit']

export const materialRoles = {
  pigment: roleOf('pigment'),
  /** What paint is bound in: an oil as a rule; alkyd, egg, acrylic, gum or casein too. */
  oil: {
    families: ['oil', 'alkyd', 'egg', 'waterborne'],
    options: [
      ...roleOf('oil', ({ rate }) => (rate?.mid ?? 0) >= driesFrom).options,
      ...library
        .filter(({ id }) => otherBinders.includes(id))
        .map((material) => ({ id: material.id, name: choiceName(material) })),
    ],
  },
  /** Into a medium any oil may go, those too that do not dry by themselves. */
  anyOil: roleOf('oil'),
  /** What thins oil paint on the brush; the rest of the solvents are for swabs and brushes. */
  thinner: roleOf('solvent', (material) => !notForPaint.includes(material.id)),
  /** What takes paint or varnish off. */
  remover: roleOf('solvent', ({ id }) => id !== 'water'),
  filler: roleOf('extender'),
  varnish: roleOf('varnish'),
} as const
export type MaterialRole = keyof typeof materialRoles

/** Everything a medium may hold, by family. */
export const ingredientChoices = (materials: readonly Material[]): readonly Option[] =>
  (Object.keys(familyNames) as Family[]).flatMap((family) =>
    materials.filter((material) => material.family === family).map(option),
  )
