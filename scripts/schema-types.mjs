// Writes the TypeScript types of the project's JSON Schemas; the result is committed and checked by the tests.
import { mkdir, readFile, writeFile } from 'node:fs/promises'
import { compile } from 'json-schema-to-typescript'
import { format } from 'prettier'

const target = 'resources/js/shared/api/generated'
const options = { semi: false, singleQuote: true, printWidth: 120, parser: 'typescript' }
await mkdir(target, { recursive: true })
for (const name of ['board', 'wiring', 'step', 'task', 'marking']) {
  const schema = JSON.parse(await readFile(`schemas/${name}.schema.json`, 'utf8'))
  const banner = `/** Generated from schemas/${name}.schema.json by \`npm run types\`. */`
  const text = await compile(schema, name, { bannerComment: banner, format: false, maxItems: 3 })
  await writeFile(`${target}/${name}.ts`, await format(text, options))
}
