import { useState } from 'react'
import { policyIds, policyNames } from '../../core/materials/policy.ts'
import type { PolicyId } from '../../core/materials/policy.ts'
import { withoutSolvent } from '../../core/materials/withoutSolvent.ts'
import { listed } from '../../core/words.ts'
import type { FoundUse } from '../../document/jar/solventFound.ts'
import type { HiddenIn, InsideGroup, InsidePage, LookedThrough } from '../../studio/lists/inside.ts'
import { read, send } from '../../ui/client.ts'
import { useEarly } from '../../ui/early.ts'
import { upperFirst } from '../../ui/format.ts'
import { ListFoot } from '../../ui/lists/ListFoot.tsx'
import { Judging } from '../../ui/lists/Judging.tsx'
import { say } from '../../ui/messages.ts'
import { Toasts } from '../../ui/Toasts.tsx'
import { VerdictMark } from '../../ui/Verdict.tsx'

const headings: Readonly<Record<Exclude<InsideGroup, 'asked'>, string>> = {
  medium: 'Mediums',
  batch: 'Batches, in their jars',
  layer: 'Still to be painted',
  tube: 'Tubes',
  material: 'On the shelf',
  varnish: 'Varnishes',
}
/** Hidden solvents and allergens in everything the studio has, each with the nearest thing that passes. */
export function InsideView({
  initial,
  judging,
}: {
  readonly initial: InsidePage
  /** How many paintings are still to be judged: they are not looked through yet. */
  readonly judging: number
}) {
  useEarly()
  const [{ page, round }, setShown] = useState({ page: initial, round: 0 })
  const show = (): void =>
    void read('GET /api/inside', { query: { for: page.policies.join(',') } }).then((reply) =>
      reply.ok ? setShown({ page: reply.value, round: round + 1 }) : say(reply.refusal.message),
    )
  const anew = ({ id, name }: LookedThrough, replaced: readonly HiddenIn[]): void =>
    void send(
      'POST /api/mediums/{id}/replaced',
      {
        id: crypto.randomUUID(),
        replacements: replaced.map(({ material, instead }) => ({
          ...{ material, by: instead!.id, name: instead!.name },
        })),
      },
      { params: { id } },
    ).then((reply) => {
      if (!reply.ok) return say(reply.refusal.message)
      say(`${name} is written anew; the old one stays.`, reply.value.event, show)
      show()
    })
  const { policies, isForbidden, groups, solvent } = page
  const shown = { policies, onAnew: anew }
  return (
    <>
      <h1 className="max-w-[60rem] text-[2.2rem] leading-tight">{answerOf(page)}</h1>
      <Judging left={judging} onDone={show} />
      <nav aria-label="What is looked for" className="mt-2 flex flex-wrap gap-1">
        {policyIds.map((policy) => (
          <a
            key={policy}
            href={`/room/inside?for=${toggled(policies, policy).join(',')}`}
            aria-current={policies.includes(policy) ? 'true' : undefined}
            className="flex min-h-11 items-center border border-rule px-3 text-soft aria-[current]:border-ink aria-[current]:bg-sheet aria-[current]:text-ink"
          >
            {upperFirst(policyNames[policy])}
          </a>
        ))}
      </nav>
      <p className="mt-2 max-w-[60rem] text-soft">
        {isForbidden ? 'This room forbids it' : 'This room does not forbid all of it'}; what it forbids is set
        in the{' '}
        <a className="link" href="/studio">
          Studio
        </a>
        . Look at the label and the data sheet all the same: makers change what is in it.
      </p>
      {(Object.keys(headings) as (keyof typeof headings)[]).map(
        (kind) =>
          groups[kind].count > 0 && (
            <section key={kind} aria-label={headings[kind]} className="mt-6">
              <h2 className="border-b border-ink pb-1 text-[1.35rem]">{headings[kind]}</h2>
              <Things key={round} {...shown} group={kind} initial={groups[kind]} />
            </section>
          ),
      )}
      {groups.asked.count > 0 && (
        <details className="mt-6">
          <summary className="min-h-11 cursor-pointer font-read text-[1.15rem]">
            {groups.asked.count} have to be asked about
          </summary>
          <Things key={round} {...shown} group="asked" initial={groups.asked} />
        </details>
      )}
      <WithoutSolvent uses={solvent} />
      <Toasts />
    </>
  )
}

/** What is looked for with one thing more, or less; never nothing. */
function toggled(policies: readonly PolicyId[], policy: PolicyId): readonly PolicyId[] {
  const without = policies.filter((one) => one !== policy)
  if (without.length === policies.length) return [...policies, policy]
  return without.length > 0 ? without : policies
}

/** One group, read on by the page. */
function Things({
  group,
  initial,
  policies,
  onAnew,
}: {
  readonly group: InsideGroup
  readonly initial: InsidePage['groups'][InsideGroup]
  readonly policies: readonly PolicyId[]
  readonly onAnew: (thing: LookedThrough, replaced: readonly HiddenIn[]) => void
}) {
  const [more, setMore] = useState<readonly LookedThrough[]>([])
  const entries = [...initial.entries, ...more]
  const readOn = (): void =>
    void read('GET /api/inside/more', {
      query: { for: policies.join(','), group, from: entries.length },
    }).then((reply) => {
      if (reply.ok) setMore((before) => [...before, ...reply.value.entries])
      else say(reply.refusal.message)
    })
  return (
    <>
      <ul>
        {entries.map((thing) => (
          <Thing key={thing.id} thing={thing} onAnew={(replaced) => onAnew(thing, replaced)} />
        ))}
      </ul>
      <ListFoot pages={{ count: initial.count, entries, problem: null, more: readOn }} what="things" />
    </>
  )
}

/** So many are named in the answer. */
const mostNamed = 2

function answerOf({ groups, count, policies, isForbidden }: InsidePage): string {
  const all = Object.values(groups).reduce((sum, group) => sum + group.count, 0)
  if (all === 0) return `${count} things looked through: all of them may come in.`
  const rest = groups.asked.count
  const refused = all - rest
  const names = policies.map((policy) => policyNames[policy])
  const what = isForbidden
    ? 'may not come in'
    : policies.length <= mostNamed
      ? `${refused === 1 ? 'holds' : 'hold'} ${listed(names, 'or')}`
      : 'would not be let into every room'
  return `Of ${count} things ${refused} ${what}${rest > 0 ? `, and ${rest} ${rest === 1 ? 'has' : 'have'} to be asked about` : ''}.`
}

function Thing({
  thing,
  onAnew,
}: {
  readonly thing: LookedThrough
  readonly onAnew: (replaced: readonly HiddenIn[]) => void
}) {
  const { kind, name, address, hidden } = thing
  const replaced = hidden.filter(({ instead }) => instead !== null)
  return (
    <li className="grid gap-x-8 gap-y-1 border-b border-rule py-2.5 sm:grid-cols-[15rem_1fr]">
      <a className="font-read text-[1.1rem] hover:underline" href={address}>
        {name}
      </a>
      <div>
        {hidden.map((one) => (
          <div key={one.material} className="leading-snug">
            {one.answers.map(({ policy, answer, reason }) => (
              <p key={policy}>
                <VerdictMark verdict={answer === 'refused' ? 'unsound' : 'watch'} size={12} />{' '}
                {policyNames[policy]}: {reason}
              </p>
            ))}
            <p className="text-soft">
              {one.instead
                ? `Nearest that passes${one.instead.isAtHand ? ', and you have it' : ''}: ${one.instead.name}.`
                : 'Nothing of its family passes.'}
            </p>
          </div>
        ))}
        {kind === 'medium' && replaced.length > 0 && (
          <button
            type="button"
            className="button mt-1 min-h-11"
            onClick={() => onAnew(replaced)}
            aria-label={`Write ${name} anew with ${listed(replaced.map(({ instead }) => instead!.name))}`}
          >
            Write it anew with {listed(replaced.map(({ instead }) => instead!.name))}
          </button>
        )}
      </div>
    </li>
  )
}

/** A plan for going without solvent, use by use, as the record has them. */
function WithoutSolvent({ uses }: { readonly uses: readonly FoundUse[] }) {
  return (
    <section aria-label="Without solvent, in steps" className="mt-8">
      <h2 className="border-b border-ink pb-1 text-[1.35rem]">Without solvent, in steps</h2>
      {uses.length === 0 && <p className="pt-2">No use of solvent is on record.</p>}
      <ol>
        {uses.map(({ use, where, count }, at) => {
          const { use: name, instead, changes } = withoutSolvent[use]
          return (
            <li key={use} className="grid gap-x-8 border-b border-rule py-2.5 sm:grid-cols-[15rem_1fr]">
              <span className="font-medium">
                {at + 1}. {name}
              </span>
              <div className="leading-snug">
                <p>{upperFirst(instead)}.</p>
                <p className="text-soft">What changes: {changes}.</p>
                <p className="text-[0.88rem] text-soft">
                  Now in {listed(where)}
                  {count > where.length && ` and ${count - where.length} more`}.
                </p>
              </div>
            </li>
          )
        })}
      </ol>
    </section>
  )
}
