// Generated from src/pages/api by scripts/routes.ts. Do not edit: run `npm run routes`.
import type * as r0 from '../pages/api/ahead.ts'
import type * as r1 from '../pages/api/aside.ts'
import type * as r2 from '../pages/api/backups/[date]/look.ts'
import type * as r3 from '../pages/api/backups/[date]/restore.ts'
import type * as r4 from '../pages/api/backups/index.ts'
import type * as r5 from '../pages/api/backups/place.ts'
import type * as r6 from '../pages/api/batches/[id]/finish.ts'
import type * as r7 from '../pages/api/batches/[id]/index.ts'
import type * as r8 from '../pages/api/batches/[id]/label.pdf.ts'
import type * as r9 from '../pages/api/batches/[id]/photo.ts'
import type * as r10 from '../pages/api/batches/[id]/pour.ts'
import type * as r11 from '../pages/api/batches/[id]/repair.ts'
import type * as r12 from '../pages/api/batches/[id]/split.ts'
import type * as r13 from '../pages/api/batches/[id]/unpour.ts'
import type * as r14 from '../pages/api/batches/grid.ts'
import type * as r15 from '../pages/api/batches/index.ts'
import type * as r16 from '../pages/api/calendar.ics.ts'
import type * as r17 from '../pages/api/calendar/[key].ts'
import type * as r18 from '../pages/api/checks.csv.ts'
import type * as r19 from '../pages/api/closings/[on]/close.ts'
import type * as r20 from '../pages/api/closings/[on]/tick.ts'
import type * as r21 from '../pages/api/compute/air.ts'
import type * as r22 from '../pages/api/compute/cure.ts'
import type * as r23 from '../pages/api/compute/design.ts'
import type * as r24 from '../pages/api/compute/film.ts'
import type * as r25 from '../pages/api/compute/ladder.ts'
import type * as r26 from '../pages/api/compute/learn.ts'
import type * as r27 from '../pages/api/compute/medium.ts'
import type * as r28 from '../pages/api/compute/mend.ts'
import type * as r29 from '../pages/api/compute/mismatch.ts'
import type * as r30 from '../pages/api/compute/oil-out.ts'
import type * as r31 from '../pages/api/compute/palette.ts'
import type * as r32 from '../pages/api/compute/plan.ts'
import type * as r33 from '../pages/api/compute/soundness.ts'
import type * as r34 from '../pages/api/compute/values.ts'
import type * as r35 from '../pages/api/compute/varnish.ts'
import type * as r36 from '../pages/api/demo/index.ts'
import type * as r37 from '../pages/api/demo/leave.ts'
import type * as r38 from '../pages/api/done.ts'
import type * as r39 from '../pages/api/evening.ts'
import type * as r40 from '../pages/api/exercises/index.ts'
import type * as r41 from '../pages/api/export/[id].ts'
import type * as r42 from '../pages/api/export/index.ts'
import type * as r43 from '../pages/api/export/schema.json.ts'
import type * as r44 from '../pages/api/find.ts'
import type * as r45 from '../pages/api/health.ts'
import type * as r46 from '../pages/api/horizon.ts'
import type * as r47 from '../pages/api/import/[id].ts'
import type * as r48 from '../pages/api/import/index.ts'
import type * as r49 from '../pages/api/inside/index.ts'
import type * as r50 from '../pages/api/inside/more.ts'
import type * as r51 from '../pages/api/jobs/[id].ts'
import type * as r52 from '../pages/api/judging.ts'
import type * as r53 from '../pages/api/layers/[id]/corrected.ts'
import type * as r54 from '../pages/api/layers/[id]/index.ts'
import type * as r55 from '../pages/api/layers/[id]/mixed.ts'
import type * as r56 from '../pages/api/layers/[id]/painted.ts'
import type * as r57 from '../pages/api/layers/[id]/plan.ts'
import type * as r58 from '../pages/api/layers/[id]/touch.ts'
import type * as r59 from '../pages/api/layers/index.ts'
import type * as r60 from '../pages/api/mediums/[id]/consequences.ts'
import type * as r61 from '../pages/api/mediums/[id]/index.ts'
import type * as r62 from '../pages/api/mediums/[id]/replaced.ts'
import type * as r63 from '../pages/api/mediums/[id]/sheet.pdf.ts'
import type * as r64 from '../pages/api/mediums/index.ts'
import type * as r65 from '../pages/api/owed.ts'
import type * as r66 from '../pages/api/paintings/[id]/forget-address.ts'
import type * as r67 from '../pages/api/paintings/[id]/index.ts'
import type * as r68 from '../pages/api/paintings/[id]/layers.ts'
import type * as r69 from '../pages/api/paintings/[id]/letter.pdf.ts'
import type * as r70 from '../pages/api/paintings/[id]/move.ts'
import type * as r71 from '../pages/api/paintings/[id]/order.ts'
import type * as r72 from '../pages/api/paintings/[id]/photo.ts'
import type * as r73 from '../pages/api/paintings/[id]/piece.json.ts'
import type * as r74 from '../pages/api/paintings/[id]/promise.ts'
import type * as r75 from '../pages/api/paintings/[id]/sheet.pdf.ts'
import type * as r76 from '../pages/api/paintings/[id]/varnish-done.ts'
import type * as r77 from '../pages/api/paintings/index.ts'
import type * as r78 from '../pages/api/paintings/standing.ts'
import type * as r79 from '../pages/api/photos/[hash].ts'
import type * as r80 from '../pages/api/pieces/index.ts'
import type * as r81 from '../pages/api/practices/[id].ts'
import type * as r82 from '../pages/api/practices/index.ts'
import type * as r83 from '../pages/api/rack.ts'
import type * as r84 from '../pages/api/readings.csv.ts'
import type * as r85 from '../pages/api/readings/[id].ts'
import type * as r86 from '../pages/api/readings/index.ts'
import type * as r87 from '../pages/api/recipes.csv.ts'
import type * as r88 from '../pages/api/reminders/[id].ts'
import type * as r89 from '../pages/api/reminders/index.ts'
import type * as r90 from '../pages/api/room/index.ts'
import type * as r91 from '../pages/api/room/pictures.ts'
import type * as r92 from '../pages/api/scale/index.ts'
import type * as r93 from '../pages/api/schedule.csv.ts'
import type * as r94 from '../pages/api/sensor.ts'
import type * as r95 from '../pages/api/settings.ts'
import type * as r96 from '../pages/api/shelf.csv.ts'
import type * as r97 from '../pages/api/shelf/[id].ts'
import type * as r98 from '../pages/api/shelf/index.ts'
import type * as r99 from '../pages/api/shopping.ts'
import type * as r100 from '../pages/api/since.ts'
import type * as r101 from '../pages/api/swatches/[id]/index.ts'
import type * as r102 from '../pages/api/swatches/[id]/photo.ts'
import type * as r103 from '../pages/api/swatches/[id]/touch.ts'
import type * as r104 from '../pages/api/swatches/index.ts'
import type * as r105 from '../pages/api/telling.ts'
import type * as r106 from '../pages/api/tests/[id].ts'
import type * as r107 from '../pages/api/today.ts'
import type * as r108 from '../pages/api/trials/[id].ts'
import type * as r109 from '../pages/api/trials/index.ts'
import type * as r110 from '../pages/api/tubes.csv.ts'
import type * as r111 from '../pages/api/tubes/[id]/index.ts'
import type * as r112 from '../pages/api/tubes/[id]/need.ts'
import type * as r113 from '../pages/api/tubes/[id]/photo.ts'
import type * as r114 from '../pages/api/tubes/index.ts'
import type * as r115 from '../pages/api/undo.ts'
import type * as r116 from '../pages/api/used.ts'

export interface Routes {
  'GET /api/ahead': typeof r0.GET
  'GET /api/aside': typeof r1.GET
  'POST /api/aside': typeof r1.POST
  'POST /api/backups/{date}/look': typeof r2.POST
  'POST /api/backups/{date}/restore': typeof r3.POST
  'GET /api/backups': typeof r4.GET
  'POST /api/backups': typeof r4.POST
  'PUT /api/backups/place': typeof r5.PUT
  'POST /api/batches/{id}/finish': typeof r6.POST
  'GET /api/batches/{id}': typeof r7.GET
  'PUT /api/batches/{id}': typeof r7.PUT
  'DELETE /api/batches/{id}': typeof r7.DELETE
  'GET /api/batches/{id}/label.pdf': typeof r8.GET
  'PUT /api/batches/{id}/photo': typeof r9.PUT
  'POST /api/batches/{id}/pour': typeof r10.POST
  'POST /api/batches/{id}/repair': typeof r11.POST
  'POST /api/batches/{id}/split': typeof r12.POST
  'POST /api/batches/{id}/unpour': typeof r13.POST
  'POST /api/batches/grid': typeof r14.POST
  'GET /api/batches': typeof r15.GET
  'POST /api/batches': typeof r15.POST
  'GET /api/calendar.ics': typeof r16.GET
  'GET /api/calendar/{key}': typeof r17.GET
  'GET /api/checks.csv': typeof r18.GET
  'POST /api/closings/{on}/close': typeof r19.POST
  'POST /api/closings/{on}/tick': typeof r20.POST
  'POST /api/compute/air': typeof r21.POST
  'POST /api/compute/cure': typeof r22.POST
  'POST /api/compute/design': typeof r23.POST
  'POST /api/compute/film': typeof r24.POST
  'POST /api/compute/ladder': typeof r25.POST
  'POST /api/compute/learn': typeof r26.POST
  'POST /api/compute/medium': typeof r27.POST
  'POST /api/compute/mend': typeof r28.POST
  'POST /api/compute/mismatch': typeof r29.POST
  'POST /api/compute/oil-out': typeof r30.POST
  'POST /api/compute/palette': typeof r31.POST
  'POST /api/compute/plan': typeof r32.POST
  'POST /api/compute/soundness': typeof r33.POST
  'POST /api/compute/values': typeof r34.POST
  'POST /api/compute/varnish': typeof r35.POST
  'POST /api/demo': typeof r36.POST
  'POST /api/demo/leave': typeof r37.POST
  'GET /api/done': typeof r38.GET
  'GET /api/evening': typeof r39.GET
  'GET /api/exercises': typeof r40.GET
  'POST /api/exercises': typeof r40.POST
  'GET /api/export/{id}': typeof r41.GET
  'GET /api/export': typeof r42.GET
  'POST /api/export': typeof r42.POST
  'GET /api/export/schema.json': typeof r43.GET
  'GET /api/find': typeof r44.GET
  'GET /api/health': typeof r45.GET
  'GET /api/horizon': typeof r46.GET
  'POST /api/import/{id}': typeof r47.POST
  'DELETE /api/import/{id}': typeof r47.DELETE
  'POST /api/import': typeof r48.POST
  'GET /api/inside': typeof r49.GET
  'GET /api/inside/more': typeof r50.GET
  'GET /api/jobs/{id}': typeof r51.GET
  'DELETE /api/jobs/{id}': typeof r51.DELETE
  'GET /api/judging': typeof r52.GET
  'POST /api/layers/{id}/corrected': typeof r53.POST
  'DELETE /api/layers/{id}': typeof r54.DELETE
  'POST /api/layers/{id}/mixed': typeof r55.POST
  'POST /api/layers/{id}/painted': typeof r56.POST
  'DELETE /api/layers/{id}/painted': typeof r56.DELETE
  'POST /api/layers/{id}/plan': typeof r57.POST
  'POST /api/layers/{id}/touch': typeof r58.POST
  'PUT /api/layers': typeof r59.PUT
  'POST /api/mediums/{id}/consequences': typeof r60.POST
  'GET /api/mediums/{id}': typeof r61.GET
  'DELETE /api/mediums/{id}': typeof r61.DELETE
  'POST /api/mediums/{id}/replaced': typeof r62.POST
  'GET /api/mediums/{id}/sheet.pdf': typeof r63.GET
  'GET /api/mediums': typeof r64.GET
  'PUT /api/mediums': typeof r64.PUT
  'GET /api/owed': typeof r65.GET
  'POST /api/paintings/{id}/forget-address': typeof r66.POST
  'GET /api/paintings/{id}': typeof r67.GET
  'DELETE /api/paintings/{id}': typeof r67.DELETE
  'PUT /api/paintings/{id}/layers': typeof r68.PUT
  'GET /api/paintings/{id}/letter.pdf': typeof r69.GET
  'POST /api/paintings/{id}/move': typeof r70.POST
  'PUT /api/paintings/{id}/order': typeof r71.PUT
  'PUT /api/paintings/{id}/photo': typeof r72.PUT
  'GET /api/paintings/{id}/piece.json': typeof r73.GET
  'GET /api/paintings/{id}/promise': typeof r74.GET
  'GET /api/paintings/{id}/sheet.pdf': typeof r75.GET
  'POST /api/paintings/{id}/varnish-done': typeof r76.POST
  'GET /api/paintings': typeof r77.GET
  'PUT /api/paintings': typeof r77.PUT
  'POST /api/paintings/standing': typeof r78.POST
  'GET /api/photos/{hash}': typeof r79.GET
  'GET /api/pieces': typeof r80.GET
  'POST /api/pieces': typeof r80.POST
  'DELETE /api/practices/{id}': typeof r81.DELETE
  'PUT /api/practices': typeof r82.PUT
  'GET /api/rack': typeof r83.GET
  'GET /api/readings.csv': typeof r84.GET
  'POST /api/readings.csv': typeof r84.POST
  'DELETE /api/readings/{id}': typeof r85.DELETE
  'PUT /api/readings': typeof r86.PUT
  'GET /api/recipes.csv': typeof r87.GET
  'POST /api/recipes.csv': typeof r87.POST
  'DELETE /api/reminders/{id}': typeof r88.DELETE
  'PUT /api/reminders': typeof r89.PUT
  'GET /api/room': typeof r90.GET
  'GET /api/room/pictures': typeof r91.GET
  'GET /api/scale': typeof r92.GET
  'POST /api/scale': typeof r92.POST
  'GET /api/schedule.csv': typeof r93.GET
  'GET /api/sensor': typeof r94.GET
  'POST /api/sensor': typeof r94.POST
  'GET /api/settings': typeof r95.GET
  'PUT /api/settings': typeof r95.PUT
  'GET /api/shelf.csv': typeof r96.GET
  'POST /api/shelf.csv': typeof r96.POST
  'GET /api/shelf/{id}': typeof r97.GET
  'DELETE /api/shelf/{id}': typeof r97.DELETE
  'GET /api/shelf': typeof r98.GET
  'PUT /api/shelf': typeof r98.PUT
  'GET /api/shopping': typeof r99.GET
  'GET /api/since': typeof r100.GET
  'DELETE /api/swatches/{id}': typeof r101.DELETE
  'PUT /api/swatches/{id}/photo': typeof r102.PUT
  'POST /api/swatches/{id}/touch': typeof r103.POST
  'PUT /api/swatches': typeof r104.PUT
  'GET /api/telling': typeof r105.GET
  'PUT /api/tests/{id}': typeof r106.PUT
  'DELETE /api/tests/{id}': typeof r106.DELETE
  'GET /api/today': typeof r107.GET
  'DELETE /api/trials/{id}': typeof r108.DELETE
  'PUT /api/trials': typeof r109.PUT
  'POST /api/trials': typeof r109.POST
  'GET /api/tubes.csv': typeof r110.GET
  'POST /api/tubes.csv': typeof r110.POST
  'GET /api/tubes/{id}': typeof r111.GET
  'DELETE /api/tubes/{id}': typeof r111.DELETE
  'GET /api/tubes/{id}/need': typeof r112.GET
  'PUT /api/tubes/{id}/photo': typeof r113.PUT
  'GET /api/tubes': typeof r114.GET
  'PUT /api/tubes': typeof r114.PUT
  'POST /api/undo': typeof r115.POST
  'GET /api/used': typeof r116.GET
}
