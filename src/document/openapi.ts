import { z } from 'zod'
import type { ZodType } from 'zod'
import { cureRequest, filmRequest, mediumRequest, mismatchRequest, soundnessRequest } from './compute.ts'
import { createBatchRequest, emptyRequest, gridRequest, pourRequest, saveBatchRequest, splitRequest } from './batch.ts'
import { designRequest } from './design.ts'
import {
  consequencesRequest,
  importShelfRequest,
  orderRequest,
  paintedRequest,
  removeRequest,
  saveLayerRequest,
  saveMediumRequest,
  saveShelfItemRequest,
  savePaintingRequest,
  saveSettingsRequest,
  scaleRequest,
  touchRequest,
  undoRequest,
} from './requests.ts'

const error = { description: 'Refused: error.message says what to change, error.issues where.' }

const takes = (summary: string, schema: ZodType, path: readonly string[] = []) => ({
  summary,
  parameters: path.map((name) => ({ name, in: 'path', required: true, schema: { type: 'string' } })),
  requestBody: { required: true, content: { 'application/json': { schema: z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' }) } } },
  responses: { 200: { description: 'Done.', content: { 'application/json': {} } }, 404: error, 409: error, 413: error, 422: error },
})

/** The HTTP interface, from the same schemas that check every body. */
export const openApi = {
  openapi: '3.1.0',
  info: { title: 'Grelta', version: '0.1.0', description: 'Mediums, layers, drying and dates for studio oil painters. Every value is typical or an estimate.' },
  paths: {
    '/api/compute/medium': { post: takes('What a recipe is as measured, wet and dry; with a paint, what becomes of it along the dose', mediumRequest) },
    '/api/compute/design': { post: takes('A recipe that meets every wish, nearest to one at hand; or the wishes that exclude one another', designRequest) },
    '/api/compute/film': { post: takes('The film that paint, medium and thinner dry to', filmRequest) },
    '/api/compute/cure': { post: takes('Days until each layer reaches each state', cureRequest) },
    '/api/compute/mismatch': { post: takes('How badly layers move against one another', mismatchRequest) },
    '/api/compute/soundness': { post: takes('Verdict and findings for a stack of layers', soundnessRequest) },
    '/api/shelf': { put: takes('Add or change a lot or a material of your own', saveShelfItemRequest) },
    '/api/shelf/{id}': { delete: takes('Remove a lot or a material of your own', removeRequest, ['id']) },
    '/api/shelf.csv': {
      get: { summary: 'Your shelf as CSV', responses: { 200: { description: 'text/csv' } } },
      post: takes('Bring a CSV onto the shelf: all of it, or nothing', importShelfRequest),
    },
    '/api/mediums': { put: takes('Add or change a medium', saveMediumRequest) },
    '/api/mediums/{id}': { delete: takes('Remove a medium', removeRequest, ['id']) },
    '/api/mediums/{id}/consequences': { post: takes('What the planned layers that use the medium would say to another recipe', consequencesRequest, ['id']) },
    '/api/batches': { post: takes('Begin a batch of a medium, scaled', createBatchRequest) },
    '/api/batches/grid': { post: takes('A batch for every cell of a variation grid', gridRequest) },
    '/api/batches/{id}': { put: takes('Change a batch, but for its pours', saveBatchRequest, ['id']), delete: takes('Remove a batch', removeRequest, ['id']) },
    '/api/batches/{id}/pour': { post: takes('Pour so much of a material; stock goes down with it', pourRequest, ['id']) },
    '/api/batches/{id}/unpour': { post: takes('Take the last pour back; stock comes back with it', emptyRequest, ['id']) },
    '/api/batches/{id}/repair': { post: takes('Recompute the other lines around an overpour', emptyRequest, ['id']) },
    '/api/batches/{id}/finish': { post: takes('Finish a batch', emptyRequest, ['id']) },
    '/api/batches/{id}/split': { post: takes('Take some of a finished batch as the beginning of another', splitRequest, ['id']) },
    '/api/batches/{id}/label.pdf': { get: { summary: 'A label; ?size=small or large', responses: { 200: { description: 'application/pdf' } } } },
    '/api/batches/{id}/photo': {
      put: { summary: 'A photograph, as the bytes of a picture; answers its hash', responses: { 200: { description: 'photo' }, 413: error, 422: error } },
    },
    '/api/mediums/{id}/sheet.pdf': {
      get: { summary: 'The weighing sheet of batches nothing is poured for yet', responses: { 200: { description: 'application/pdf' } } },
    },
    '/api/paintings': { put: takes('Begin or change a painting', savePaintingRequest) },
    '/api/paintings/{id}': { delete: takes('Remove a painting and its layers', removeRequest, ['id']) },
    '/api/paintings/{id}/order': { put: takes('Put the layers in this order, bottom first', orderRequest, ['id']) },
    '/api/layers': { put: takes('Add or change a layer', saveLayerRequest) },
    '/api/layers/{id}': { delete: takes('Remove a layer', removeRequest, ['id']) },
    '/api/layers/{id}/painted': { post: takes('Log a layer as painted', paintedRequest, ['id']) },
    '/api/layers/{id}/touch': { post: takes('Log how a layer feels to the touch', touchRequest, ['id']) },
    '/api/scale': {
      get: { summary: 'Readings of the scale, as server-sent events', responses: { 200: { description: 'text/event-stream' } } },
      post: takes('Tell the scale something', scaleRequest),
    },
    '/api/settings': { put: takes('Change the studio', saveSettingsRequest) },
    '/api/undo': { post: takes('Take back one event', undoRequest) },
    '/api/calendar.ics': { get: { summary: 'The plan as an iCalendar file', responses: { 200: { description: 'text/calendar' } } } },
    '/api/health': { get: { summary: 'Answers once the studio is open', responses: { 200: { description: 'ok' } } } },
  },
}
