import { dateOf } from '../src/core/plan/calendar.ts'
import type { PatchDocument } from '../src/document/patch.ts'

/** Where the dark table of Quince and pewter has gone dull, as it was marked this week. */
export const quincePatches = (today: number): PatchDocument[] => {
  const on = dateOf(today - 2)
  return [
    {
      ...{ id: 'table-left', on, sheen: 'sunken', area: null, share: 0.06 },
      shapes: [{ kind: 'outline', points: [0.01, 0.5, 0.1, 0.46, 0.11, 0.94, 0.03, 0.98] }],
    },
    {
      ...{ id: 'table-front', on, sheen: 'sunken', area: null, share: 0.09 },
      shapes: [{ kind: 'outline', points: [0.12, 0.82, 0.52, 0.83, 0.52, 0.99, 0.14, 0.98] }],
    },
    {
      ...{ id: 'wall-top', on, sheen: 'matt', area: null, share: 0.11 },
      shapes: [
        { kind: 'outline', points: [0.3, 0.02, 0.95, 0.03, 0.96, 0.2, 0.55, 0.3, 0.5, 0.16, 0.3, 0.15] },
      ],
    },
  ]
}
