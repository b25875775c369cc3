import type { DeskState } from '../../saving/desk.ts'

/** On pages that are tapped rather than typed on: what is wrong with saving, and how much waits to be sent. */
export const NotSent = ({ state: { message, standing, waiting } }: { readonly state: DeskState }) =>
  message && (
    <p role="alert" className="mb-4 border-l-[3px] border-unsound bg-sheet px-3 py-2">
      {message}
      {standing === 'kept' && ` Waiting to be sent: ${waiting}, in the order you tapped.`}
    </p>
  )
