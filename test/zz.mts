import { chromium } from '@playwright/test'
import { startServer } from './server.ts'
const s = await startServer({demo:true})
const b = await chromium.launch({executablePath:'/usr/bin/chromium',args:['--no-sandbox','--disable-gpu']})
const p = await b.newPage({viewport:{width:1280,height:800}})
const go = async (u:string)=>{ await p.goto(s.url+u); await p.waitForTimeout(1500) }
await go('/shelf?at=walnut')
const alert = async (n:string)=> console.log(n,'→', await p.getByRole('alert').allInnerTexts())
const field = async (l:string|RegExp,v:string)=>{ const f=p.getByLabel(l).first(); await f.fill(v); await f.blur(); await p.waitForTimeout(400); console.log(l,v,'⇒',await f.inputValue()); await alert('  alerts') }
for (const v of ['€12.50 / 250 ml','12,50 EUR for 250 ml','$8 for 4 oz','12.50','CHF 18.– for 1 l','18 for a bottle']) await field('Price',v)
for (const v of ['230 ml','0.5 kg','about 300','-4','a cup']) await field('There is, g',v)
await go('/shelf')
await p.getByRole('button',{name:/A material of your own/}).click(); await p.waitForTimeout(1500)
console.log(await p.locator('main').innerText().then(t=>t.slice(t.indexOf('Show more')).slice(0,2500)))
for (const v of ['70-50','about 60','0.5-0.7','55 to 75','abc','120']) await field('Of it stays, % by mass',v)
await p.setInputFiles('input[type=file]',{name:'x.csv',mimeType:'text/csv',buffer:Buffer.from('id;name;family\nx;Nice oil;oyl\n')})
await p.waitForTimeout(1500); await alert('semi csv'); console.log((await p.locator('main').innerText()).slice(0,900))
await p.setInputFiles('input[type=file]',{name:'x.csv',mimeType:'text/csv',buffer:Buffer.from('name,family,density\nNice oil,oyl,x\n')})
await p.waitForTimeout(1500); await alert('csv')
for (const q of ['fast, pale, no solvent','fast pale oil without solvent','solvent-free','turps','dammar','odourless','mineral spirits','quick','siccative','walnuts','no cadmium transparent fast','turpentine','ochre','umber','retarder']) { await p.getByLabel('Find by name, or by what it does').fill(q); await p.waitForTimeout(500); console.log(q,'⇒',(await p.getByRole('region',{name:'Materials'}).locator('li').allInnerTexts()).slice(0,3).map(t=>t.replace(/\n/g,' | ')), await p.getByRole('region',{name:'Materials'}).getByRole('status').first().innerText()) }
await b.close(); await s.kill()
