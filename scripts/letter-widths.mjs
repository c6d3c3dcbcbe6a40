// Writes how wide the letters of the drawings are, so that browser and page maker place words alike: `npm run letters`.
import { readFileSync, writeFileSync } from 'node:fs'
import { chromium } from '@playwright/test'

const SIZE = 1000
const FILE = 'resources/js/shared/board/layout/letterWidths.json'
const letters = []
for (let code = 0x20; code < 0x180; code++) if (code < 0x7f || code > 0x9f) letters.push(String.fromCodePoint(code))
letters.push(...'–—‘’“”…·²³×÷▲▼◂▸✓✕⚠')

const font = readFileSync(
  'node_modules/@fontsource/barlow-condensed/files/barlow-condensed-latin-600-normal.woff2',
).toString('base64')
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] })
const page = await browser.newPage()
const widths = await page.evaluate(
  async ([letters, font, size]) => {
    const face = new FontFace('Drawn', `url(data:font/woff2;base64,${font})`)
    document.fonts.add(await face.load())
    const pen = document.createElement('canvas').getContext('2d')
    pen.font = `600 ${size}px Drawn, sans-serif`
    return Object.fromEntries(letters.map((letter) => [letter, Math.round(pen.measureText(letter).width)]))
  },
  [letters, font, SIZE],
)
await browser.close()
writeFileSync(FILE, `${JSON.stringify(widths)}\n`)
