import type { FindMaterial } from '../core/materials/find.ts'
import { Chooser } from './Chooser.tsx'
import type { Choosable } from './Chooser.tsx'
import { Labelled } from './fields.tsx'
import { choiceName, materialRoles } from './materials.ts'
import type { MaterialRole } from './materials.ts'
import { useChoice } from './bench/useBench.ts'
import type { Bench } from './bench/useBench.ts'

const ownMaterials = ['shelf_item'] as const
const nothing: Choosable = { id: '', name: 'none' }

interface MaterialProps extends Pick<Bench, 'bring'> {
  readonly role: MaterialRole
  readonly id?: string
  readonly label?: string
  /** What is chosen now; the empty text: nothing. */
  readonly value: string
  readonly findMaterial: FindMaterial
  readonly onValue: (material: string) => void
  /** Whether nothing may be chosen. */
  readonly orNone?: boolean
  readonly className?: string
}

/** One material chosen by typing, of the book or of the painter's own shelf; what was chosen lately comes first. */
export function MaterialField({
  role,
  value,
  findMaterial,
  bring,
  onValue,
  orNone = false,
  ...field
}: MaterialProps) {
  const { options, families } = materialRoles[role]
  const choice = useChoice(bring)
  const material = findMaterial(value)
  return (
    <Chooser
      {...field}
      shown={material ? choiceName(material) : value === nothing.id ? nothing.name : 'gone'}
      options={orNone ? [nothing, ...options] : options}
      lookups={ownMaterials}
      families={families}
      lately={role}
      onChoose={(chosen) => void choice.choose(chosen, () => onValue(chosen.id))}
    />
  )
}

/** The same under a label. */
export const MaterialRow = ({
  label,
  className = '',
  ...field
}: MaterialProps & { readonly label: string }) => (
  <Labelled label={label} className={className}>
    {(id) => <MaterialField id={id} {...field} />}
  </Labelled>
)
