import type { APIRoute } from 'astro'
import { saveSettingsRequest } from '../../document/requests.ts'
import { nowMinute, studio } from '../../studio/studio.ts'
import { saveSettings } from '../../studio/writing.ts'
import { answer } from './_http.ts'

export const PUT: APIRoute = ({ request }) =>
  answer(request, saveSettingsRequest, async ({ settings, seen }) => saveSettings(await studio(), nowMinute(), settings, seen))
