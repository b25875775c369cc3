import { Chooser } from '../../ui/Chooser.tsx'
import type { Choosable } from '../../ui/Chooser.tsx'
import { Labelled } from '../../ui/fields.tsx'
import type { Stock } from './PaintLine.tsx'
import { useChoice } from '../../ui/bench/useBench.ts'

/** Parts of a medium to begin with. */
export const usualShare = 0.25

const noMedium: readonly Choosable[] = [{ id: '', name: 'none' }]
const lookups = ['medium', 'batch'] as const

interface MediumProps {
  /** The name of the one that is chosen. */
  readonly shown: string
  readonly bring: Stock['bring']
  readonly className: string
  /** Called once it is here, with all that is in it; its id is empty: none. */
  readonly onMedium: (medium: Choosable) => void
}

/** A medium, or a batch of one, by typing. */
export function MediumField({ shown, bring, className, onMedium }: MediumProps) {
  const choice = useChoice(bring)
  return (
    <Labelled
      label="Medium"
      className={className}
      hint={choice.awaited && `${choice.awaited.name} is taken once the studio answers.`}
    >
      {(id) => (
        <Chooser
          id={id}
          shown={shown}
          options={noMedium}
          lookups={lookups}
          lately="medium"
          onChoose={(chosen) => void choice.choose(chosen, () => onMedium(chosen))}
        />
      )}
    </Labelled>
  )
}
