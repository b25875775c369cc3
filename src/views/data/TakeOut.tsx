import { send } from '../../ui/client.ts'
import { JobLine } from '../../ui/job/JobLine.tsx'
import { useJob } from '../../ui/job/useJob.ts'
import type { Ready } from '../../studio/carrying/carry.ts'

/** The whole studio as a file of an open form. */
export function TakeOut() {
  const job = useJob()
  const take = async (photographs: boolean): Promise<void> => {
    const ready = await job.follow('Taking the studio out', () => send('POST /api/export', { photographs }))
    if (!ready) return
    const { file, name } = ready as Ready
    window.location.assign(`/api/export/${file}?name=${encodeURIComponent(name)}`)
  }
  return (
    <section aria-label="Take everything out" className="grid content-start gap-2">
      <h2 className="border-b border-ink pb-1 text-[1.35rem]">Take everything out</h2>
      <p>
        The whole studio as one file in an open form, to keep, to carry to another machine, or to read with
        another program. It holds what stands now, addresses of owners included; what was changed on the way
        there is in the backups.
      </p>
      <div className="flex flex-wrap items-center gap-x-5 gap-y-2">
        <button
          type="button"
          className="button min-h-11"
          disabled={job.working !== null}
          onClick={() => void take(true)}
        >
          Everything, with photographs (zip)
        </button>
        <button
          type="button"
          className="min-h-11 link"
          disabled={job.working !== null}
          onClick={() => void take(false)}
        >
          Without photographs (JSON)
        </button>
        <a className="link" href="/api/export/schema.json" download="grelta.studio.schema.json">
          What is in the file (JSON Schema)
        </a>
      </div>
      <JobLine {...job} />
    </section>
  )
}
