import { Popover } from 'radix-ui'
import { practices } from '../../core/soundness/practice.ts'
import { grounds, supportOf, supports } from '../../core/soundness/support.ts'
import type { PaintingDocument } from '../../document/studio.ts'
import { Choice, Labelled, NumberField, TypedField } from '../../ui/fields.tsx'
import { dateText } from '../../ui/format.ts'

/** What a painting is, in one line; opened, the line can be changed. */
export function PaintingHead({
  painting,
  onChange,
  onRemove,
}: {
  readonly painting: PaintingDocument
  readonly onChange: (change: Partial<PaintingDocument>) => void
  readonly onRemove: () => void
}) {
  const practice = practices.find(({ id }) => id === painting.practice)!
  const facts = [
    supportOf(painting.support)!.name,
    grounds.find(({ id }) => id === painting.ground)?.name ?? 'no ground',
    painting.widthCm && painting.heightCm ? `${painting.widthCm} × ${painting.heightCm} cm` : null,
    `practice: ${practice.name.toLowerCase()}`,
    painting.deadline ? `due ${dateText(painting.deadline)}` : null,
  ].filter(Boolean)
  return (
    <div className="min-w-0">
      <h1 className="text-[2.2rem] leading-[1.1] [overflow-wrap:anywhere]">{painting.title}</h1>
      <p className="mt-1.5 text-soft">
        {facts.join(' · ')}{' '}
        <Popover.Root>
          <Popover.Trigger className="ml-2 min-h-6 link">Change</Popover.Trigger>
          <Popover.Portal>
            <Popover.Content
              align="start"
              collisionPadding={16}
              aria-label="Change the painting"
              className="z-40 grid w-[26rem] max-w-[calc(100vw-2rem)] gap-3 border border-ink bg-sheet p-4 shadow-[4px_4px_0_var(--wash)] sm:grid-cols-2"
            >
              <Labelled label="Title" className="sm:col-span-2">
                {(id) => (
                  <TypedField
                    id={id}
                    shown={painting.title}
                    read={(text) => (text.trim() ? { value: text.trim().slice(0, 120) } : { problem: 'Give the painting a title.' })}
                    onValue={(title) => onChange({ title })}
                  />
                )}
              </Labelled>
              <Labelled label="Width, cm">
                {(id) => <NumberField id={id} value={painting.widthCm} low={1} high={2000} onValue={(widthCm) => onChange({ widthCm })} />}
              </Labelled>
              <Labelled label="Height, cm">
                {(id) => <NumberField id={id} value={painting.heightCm} low={1} high={2000} onValue={(heightCm) => onChange({ heightCm })} />}
              </Labelled>
              <Labelled label="Support">
                {(id) => <Choice id={id} value={painting.support} onValue={(support) => onChange({ support })} options={supports} />}
              </Labelled>
              <Labelled label="Ground">
                {(id) => (
                  <Choice
                    id={id}
                    value={painting.ground ?? ''}
                    onValue={(ground) => onChange({ ground: ground || null })}
                    options={[{ id: '', name: 'none' }, ...grounds]}
                  />
                )}
              </Labelled>
              <Labelled label="Practice" className="sm:col-span-2" hint={practice.summary}>
                {(id) => <Choice id={id} value={painting.practice} onValue={(next) => onChange({ practice: next })} options={practices} />}
              </Labelled>
              <Labelled label="Ready by">
                {(id) => (
                  <input
                    id={id}
                    type="date"
                    className="field"
                    value={painting.deadline ?? ''}
                    onChange={({ target }) => onChange({ deadline: target.value || null })}
                  />
                )}
              </Labelled>
              <div className="flex items-end justify-end">
                <button type="button" className="button" onClick={onRemove}>
                  Remove painting
                </button>
              </div>
            </Popover.Content>
          </Popover.Portal>
        </Popover.Root>
      </p>
    </div>
  )
}
