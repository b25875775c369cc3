import Plus from 'lucide-react/dist/esm/icons/plus.mjs'
import { useState } from 'react'
import { mostAreas } from '../../core/stack/area.ts'
import type { Area } from '../../core/stack/area.ts'
import { Tick } from '../../ui/tick/Tick.tsx'

export interface AreaProps {
  /** The picture's named parts. */
  readonly areas: readonly Area[]
  /** Ids; none: everywhere. */
  readonly chosen: readonly string[]
  readonly onChoose: (chosen: string[]) => void
  /** Names a new part; answers its id. */
  readonly onName: (name: string) => string
}

/** Which parts of the picture a layer covers; a part without a name yet gets one here. */
export function AreaChoice({ areas, chosen, onChoose, onName }: AreaProps) {
  const [name, setName] = useState('')
  const add = (): void => {
    if (!name.trim()) return
    onChoose([...chosen, onName(name.trim().slice(0, 120))])
    setName('')
  }
  const toggle = (id: string, on: boolean): void =>
    onChoose(areas.map((area) => area.id).filter((one) => (one === id ? on : chosen.includes(one))))
  return (
    <fieldset className="min-w-0 sm:col-span-2">
      <legend className="text-[0.8rem] text-soft">Where it goes; each part is judged on its own</legend>
      <div className="flex flex-wrap items-center gap-x-5">
        <Tick label="everywhere" on={chosen.length === 0} onTick={() => onChoose([])} />
        {areas.map((area) => (
          <Tick
            key={area.id}
            label={area.name}
            on={chosen.includes(area.id)}
            onTick={(on) => toggle(area.id, on)}
          />
        ))}
        {areas.length < mostAreas && (
          <span className="flex items-center gap-1">
            <input
              aria-label="A new part of the picture"
              placeholder={areas.length > 0 ? 'another part' : 'only a part: name it'}
              className="field w-40"
              autoComplete="off"
              value={name}
              onChange={({ target }) => setName(target.value)}
              onKeyDown={({ key }) => key === 'Enter' && add()}
            />
            <button
              type="button"
              aria-label="Add this part"
              disabled={!name.trim()}
              className="grid size-9 place-items-center hover:bg-wash disabled:opacity-40"
              onClick={add}
            >
              <Plus size={16} aria-hidden="true" />
            </button>
          </span>
        )}
      </div>
    </fieldset>
  )
}
