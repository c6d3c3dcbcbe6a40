import {pic,done} from './_shot.mjs'
await pic('draw-new',{who:'marit',path:'/assign',act:async p=>{
 await p.getByRole('button',{name:'New, North America'}).click(); await p.waitForURL(/draw/); await p.locator('[data-test=wall]').waitFor()
 const box=await p.locator('[data-test=wall]').boundingBox(); const at=(x,y)=>p.mouse.click(box.x+box.width*x,box.y+box.height*y)
 await at(.4,.65); await p.locator('[data-hang=three-way]').click()
 await at(.7,.65); await p.locator('[data-hang=three-way]').click()
 await at(.7,.2); await p.locator('[data-hang=light]').click()
 await p.screenshot({path:'/tmp/shots/draw-0.png'})
 await p.locator('[data-wall-box=F]').click(); await p.keyboard.press('w'); for(const b of ['B1','B2','H1']) await p.locator(`[data-wall-box=${b}]`).click()
 await p.keyboard.press('Escape')
 for(const b of ['B1','B2']){ await p.locator(`[data-wall-box=${b}]`).click(); await p.keyboard.press('p'); await p.locator('[data-wall-box=H1]').click() }
 await p.waitForTimeout(800)
}})
await pic('draw-copy',{who:'marit',path:'/assign',act:async p=>{ await p.getByRole('button',{name:'Draw on a copy of Packing'}).click(); await p.waitForURL(/draw/); await p.locator('[data-test=sentence]').waitFor(); await p.locator('[data-wall-box=F], [data-wall-box=SRC]').first().click(); await p.keyboard.press('f'); }})
await done()
