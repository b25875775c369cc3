import { eventKinds, isClearKind, isRemoval, kindTable } from '../../../core/stack/kinds.ts'
import type { EventKind } from '../../../core/stack/kinds.ts'
import { upperFirst } from '../../../ui/format.ts'

const groups = [
  { name: 'Paint', kinds: eventKinds.filter((kind) => !isRemoval(kind) && !isClearKind(kind)) },
  { name: 'Clear films and varnish', kinds: eventKinds.filter(isClearKind) },
  { name: 'Take off', kinds: eventKinds.filter(isRemoval) },
] as const

export interface EventMenuProps {
  /** The film on top of the area looked at, that a further pass would join; null: there is none. */
  readonly top: string | null
  readonly onKind: (kind: EventKind) => void
  readonly onPass: () => void
}

/** Everything that may happen to a picture next. */
export default function EventMenu({ top, onKind, onPass }: EventMenuProps) {
  return (
    <div className="grid gap-x-5 gap-y-3 sm:grid-cols-2">
      {groups.map(({ name, kinds }, at) => (
        <section key={name} aria-label={name} className={at === 0 ? 'sm:row-span-2' : ''}>
          <h3 className="font-plain text-[0.8rem] text-soft">{name}</h3>
          <ul>
            {kinds.map((kind) => (
              <li key={kind}>
                <Entry
                  name={upperFirst(kindTable[kind].name)}
                  says={kindTable[kind].says}
                  onPick={() => onKind(kind)}
                />
              </li>
            ))}
            {at === 0 && top !== null && (
              <li>
                <Entry
                  name="A further pass"
                  says={`In the same sitting: one film with ${top}.`}
                  onPick={onPass}
                />
              </li>
            )}
          </ul>
        </section>
      ))}
    </div>
  )
}

const Entry = ({
  name,
  says,
  onPick,
}: {
  readonly name: string
  readonly says: string
  readonly onPick: () => void
}) => (
  <button type="button" className="block min-h-11 w-full px-2 py-1 text-left hover:bg-wash" onClick={onPick}>
    <span className="block font-medium">{name}</span>
    <span className="block text-[0.8rem] leading-tight text-soft">{says}</span>
  </button>
)
