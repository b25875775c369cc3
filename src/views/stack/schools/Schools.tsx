import { useMemo, useState } from 'react'
import type { FindMaterial } from '../../../core/materials/find.ts'
import { practicesWith } from '../../../core/practice/shipped.ts'
import type { Severity } from '../../../core/severity.ts'
import type { Assessment } from '../../../document/judging/assess.ts'
import { practiceOfPainting } from '../../../document/picture/picture.ts'
import type { Picture } from '../../../document/picture/picture.ts'
import { schoolsSideBySide } from '../../../document/judging/schools.ts'
import type { SchoolRow } from '../../../document/judging/schools.ts'
import type { SolvedPicture } from '../../../document/picture/solved.ts'
import { ChoiceRow } from '../../../ui/fields.tsx'
import { upperFirst } from '../../../ui/format.ts'
import { VerdictWord } from '../../../ui/Verdict.tsx'
import { useRested } from '../useRested.ts'

export interface SchoolsProps {
  readonly picture: Picture
  readonly assessment: Assessment
  readonly solved: SolvedPicture
  readonly findMaterial: FindMaterial
}

/** The same picture by its own school and by another: what each finds, and why they differ. */
export function SchoolsBeside(props: SchoolsProps) {
  const { picture } = props
  const own = practiceOfPainting(picture.painting, picture.practices)
  const others = practicesWith(picture.practices).filter(({ id }) => id !== own.id)
  const [otherId, setOther] = useState('')
  const other = others.find(({ id }) => id === otherId)
  return (
    <section
      aria-label="By another school"
      className={`mt-5 border-t border-rule pt-3 ${other ? '' : 'not-printed'}`}
    >
      <ChoiceRow
        label={`By ${own.name.toLowerCase()}, the school it follows; beside it`}
        className="max-w-72"
        value={otherId}
        options={[{ id: '', name: 'no other school' }, ...others]}
        onValue={setOther}
      />
      {other && <Table {...props} practices={[own, other]} />}
    </section>
  )
}

function Table({
  picture: shown,
  assessment,
  solved,
  findMaterial,
  practices,
}: SchoolsProps & { readonly practices: Parameters<typeof schoolsSideBySide>[3] }) {
  const [own, other] = practices
  const picture = useRested(shown)
  const { verdicts, rows } = useMemo(
    () => schoolsSideBySide(picture, assessment, solved, [own, other], findMaterial),
    [picture, assessment, solved, own, other, findMaterial],
  )
  return (
    <table className="mt-3 w-full text-[0.9rem]">
      <thead>
        <tr className="text-left align-top text-soft">
          <th scope="col" className="py-1 pr-3 font-normal">
            What is found, on the same days
          </th>
          {[own, other].map(({ id, name }, at) => (
            <th key={id} scope="col" className="w-24 py-1 pr-2 font-normal">
              {name}
              <span className="block">
                <VerdictWord verdict={verdicts[at]!} />
              </span>
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <tr key={`${row.rule} ${row.message}`} className="border-t border-rule align-top">
            <th scope="row" className="py-1.5 pr-3 text-left leading-snug font-normal">
              {row.message}
              <span className="block text-soft">{whyText(row, own.name, other.name)}</span>
            </th>
            {row.severities.map((severity, at) => (
              <td key={at} className="py-1.5 pr-2">
                <Heard severity={severity} />
              </td>
            ))}
          </tr>
        ))}
        {rows.length === 0 && (
          <tr className="border-t border-rule">
            <td colSpan={3} className="py-1.5 text-soft">
              Neither finds anything.
            </td>
          </tr>
        )}
      </tbody>
    </table>
  )
}

const Heard = ({ severity }: { readonly severity: Severity | null }) =>
  severity === null ? <span className="text-soft">silent</span> : <VerdictWord verdict={severity} />

/** Why the two schools differ in it; nothing where they agree. */
function whyText({ severities: [first, second], because }: SchoolRow, own: string, other: string): string {
  if (first === second) return ''
  const [why] = because
  return why
    ? `${upperFirst(why.what)}. ${own}: ${why.first}. ${other}: ${why.second}.`
    : 'They differ in what they wait for, and so in what is found with it.'
}
