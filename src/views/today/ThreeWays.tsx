import type { ReactNode } from 'react'
import { send } from '../../ui/client.ts'
import { useJob } from '../../ui/job/useJob.ts'

/** What an empty studio greets with: three ways in, none of them a form. */
export function ThreeWays() {
  const job = useJob()
  const walk = async (): Promise<void> => {
    const opened = await job.follow('Opening it', () => send('POST /api/demo', undefined!))
    const { protocol, hostname } = window.location
    if (opened) window.location.assign(`${protocol}//${hostname}:${(opened as { port: number }).port}/`)
  }
  return (
    <section aria-label="Three ways in" className="mb-10">
      <p className="max-w-[46rem] font-read text-2xl leading-snug">
        This studio is empty. Nothing has to be filled in first; tap one, and there is an answer within a
        minute.
      </p>
      <ul className="mt-5 grid gap-x-10 gap-y-6 md:grid-cols-3">
        <Way
          title="The picture on my easel"
          says="Is what is on it sound, may I go on today, and what if the next layer is a glaze?"
        >
          <a className="button button-ink min-h-12 text-[1.05rem]" href="/paintings/begin">
            Describe it
          </a>
        </Way>
        <Way
          title="One jar of medium"
          says="What is really in it, what does it dry to, and how much of it may go into the paint?"
        >
          <a className="button button-ink min-h-12 text-[1.05rem]" href="/mediums/begin">
            Look into it
          </a>
        </Way>
        <Way
          title="A studio at work"
          says="Walk round a made-up studio with seven pictures and a year of records. It goes when you leave."
        >
          <button
            type="button"
            className="button min-h-12 text-[1.05rem]"
            disabled={job.working !== null}
            onClick={() => void walk()}
          >
            {job.working ? 'Opening it …' : 'Walk round it'}
          </button>
        </Way>
      </ul>
      {job.faults && (
        <p role="alert" className="mt-4 text-unsound">
          {job.faults[0]}
        </p>
      )}
    </section>
  )
}

function Way({
  title,
  says,
  children,
}: {
  readonly title: string
  readonly says: string
  readonly children: ReactNode
}) {
  return (
    <li className="grid content-start gap-2 border-t border-ink pt-3">
      <h2 className="text-[1.45rem] leading-tight">{title}</h2>
      <p className="text-soft">{says}</p>
      <p className="mt-1">{children}</p>
    </li>
  )
}
