import { startServer } from './server.ts'
import { chromium } from '@playwright/test'
const server = await startServer({ demo: true })
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox','--disable-gpu'] })
const [path, out, w='1280', h='800', act] = process.argv.slice(2)
const page = await browser.newPage({ viewport: { width: +w, height: +h } })
page.on('console', m => m.type()==='error' && console.log('ERR', m.text()))
page.on('pageerror', e => console.log('PAGEERR', e.message))
await page.goto(server.url + '/'); await page.waitForTimeout(2500)
await page.goto(server.url + path); await page.waitForTimeout(1500)
if (act) await (new Function('page', `return (async()=>{${act}})()`))(page)
await page.waitForTimeout(400)
await page.screenshot({ path: out!, fullPage: process.env.FULL === '1' })
await browser.close(); await server.kill()
