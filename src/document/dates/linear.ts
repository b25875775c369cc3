import type { Highs } from 'highs'
import type { LinearSolver } from '../../core/dosing/design/design.ts'

/** The solver package as the core wants it: columns by name, or null when nothing satisfies the programme. */
export const linearSolver =
  (solver: Pick<Highs, 'solve'>): LinearSolver =>
  (programme) => {
    const { Status, Columns } = solver.solve(programme, { output_flag: false })
    return Status === 'Optimal'
      ? Object.fromEntries(Object.entries(Columns).map(([name, { Primal }]) => [name, Primal ?? 0]))
      : null
  }
