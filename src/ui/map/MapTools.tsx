import Brush from 'lucide-react/dist/esm/icons/brush.mjs'
import Lasso from 'lucide-react/dist/esm/icons/lasso.mjs'
import Square from 'lucide-react/dist/esm/icons/square.mjs'
import type { ReactNode } from 'react'
import { toolNames, tools } from './tools.ts'
import type { Tool } from './tools.ts'

const icons = { outline: Lasso, stroke: Brush, box: Square } as const

/** How the next shape is drawn, and what else may be done with the drawing. */
export function MapTools({
  tool,
  onTool,
  children,
}: {
  readonly tool: Tool
  readonly onTool: (tool: Tool) => void
  readonly children?: ReactNode
}) {
  return (
    <div
      className="not-printed mt-2 flex flex-wrap items-center gap-1"
      role="group"
      aria-label="Drawing tools"
    >
      {tools.map((one) => {
        const Icon = icons[one]
        return (
          <button
            key={one}
            type="button"
            aria-pressed={tool === one}
            className="inline-flex min-h-11 items-center gap-1.5 border border-transparent px-2.5 aria-pressed:border-ink aria-pressed:bg-sheet"
            onClick={() => onTool(one)}
          >
            <Icon size={16} aria-hidden="true" /> {toolNames[one]}
          </button>
        )
      })}
      {children}
    </div>
  )
}
