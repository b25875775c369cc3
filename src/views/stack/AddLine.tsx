import Plus from 'lucide-react/dist/esm/icons/plus.mjs'
import type { EventKind } from '../../core/stack/kinds.ts'
import { Popup } from '../../ui/Popup.tsx'
import { SaveLine } from '../../ui/SaveLine.tsx'
import { later, useLater } from '../../ui/useLater.ts'
import type { EditedPicture } from './usePicture.ts'

const menu = later(() => import('./event/EventMenu.tsx').then(({ default: EventMenu }) => EventMenu))

/** Whether all is saved, and what can be added to the picture. */
export function AddLine({
  edited: { desk, state },
  aside,
  top,
  onAdd,
  onPass,
}: {
  readonly edited: EditedPicture
  readonly aside: string | null
  readonly top: string | null
  readonly onAdd: (kind?: EventKind) => void
  readonly onPass: () => void
}) {
  const Menu = useLater(menu)
  return (
    <SaveLine desk={desk} state={state} {...(aside && { aside })}>
      <button type="button" className="button" onClick={() => onAdd()}>
        <Plus size={16} aria-hidden="true" /> Layer on top
      </button>
      <Popup
        button="Something else"
        buttonClassName="button"
        label="What is done next"
        align="start"
        className="max-h-[var(--radix-popover-content-available-height)] w-[38rem] overflow-y-auto"
      >
        {(close) =>
          Menu && (
            <Menu
              top={top}
              onKind={(kind) => {
                close()
                onAdd(kind)
              }}
              onPass={() => {
                close()
                onPass()
              }}
            />
          )
        }
      </Popup>
      <a className="link" href="/api/calendar.ics">
        Calendar file
      </a>
    </SaveLine>
  )
}
