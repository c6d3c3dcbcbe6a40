// Writes the TypeScript types of the project's JSON Schemas; the result is committed and checked by the tests.
import { mkdir, readdir, readFile, writeFile } from 'node:fs/promises'
import { compile } from 'json-schema-to-typescript'
import { format } from 'prettier'

const target = 'resources/js/shared/api/generated'
const style = { semi: false, singleQuote: true, printWidth: 120, parser: 'typescript' }
const read = async (path) => JSON.parse(await readFile(path, 'utf8'))
await mkdir(target, { recursive: true })

/** The practices that there are, into every list of them. */
const practices = []
for (const file of await readdir('src/Catalogue/Practices/files')) {
  practices.push(await read(`src/Catalogue/Practices/files/${file}`))
}
const list = practices.sort((one, other) => one.place - other.place).map(({ id }) => `"${id}"`)
for (const folder of ['schemas', 'schemas/http']) {
  for (const file of (await readdir(folder)).filter((name) => name.endsWith('.schema.json'))) {
    const text = await readFile(`${folder}/${file}`, 'utf8')
    const told = text.replace(/("practice": \{\s*"enum": )\[[^\]]*\]/g, `$1[${list.join(', ')}]`)
    if (told !== text) await writeFile(`${folder}/${file}`, told)
  }
}

/** The formats of files and of a step, under the names that the browser knows them by. */
const formats = { board: 'Board', wiring: 'WiringFile', step: 'Step', task: 'TaskFile', marking: 'MarkingFile' }

/** What a list is counted by is the server's to check: in TypeScript it would make tuples of them. */
function uncounted(schema) {
  if (Array.isArray(schema)) return schema.map(uncounted)
  if (schema === null || typeof schema !== 'object') return schema
  const { prefixItems, minItems, maxItems, ...rest } = schema
  const tuple = prefixItems ? { items: prefixItems, minItems, maxItems } : {}
  const pair = minItems !== undefined && minItems === maxItems ? { minItems, maxItems } : {}
  return Object.fromEntries(
    Object.entries({ ...rest, ...pair, ...tuple }).map(([key, value]) => [key, uncounted(value)]),
  )
}

async function write(name, schema, options) {
  const text = await compile(uncounted(schema), schema.title ?? name, {
    format: false,
    additionalProperties: false,
    ...options,
  })
  const told = text.replace(/^( \*\n)? \* This interface was referenced by .*\n \* via the `definition` .*\n/gm, '')
  const own = told.replace(/\/\*\*\n \*\/\n/g, '').replace(/export interface EveryAnswer \{\s*\}\n/, '')
  await writeFile(`${target}/${name}.ts`, await format(own, style))
}

for (const [name, title] of Object.entries(formats)) {
  await write(
    name,
    { ...(await read(`schemas/${name}.schema.json`)), title },
    {
      bannerComment: `/** Generated from schemas/${name}.schema.json by \`npm run types\`. */`,
    },
  )
}

/** `#/$defs/enclosure/properties/kind` of a format: `Board['enclosures'][number]['kind']`. */
function typeInside(type, pointer) {
  const [, , def, , property] = pointer.split('/')
  return `NonNullable<${type}['${def}s'][number]['${property}']>`
}

/** References to a format become its type, those to another file of the HTTP contract the name alone. */
function joined(schema) {
  if (Array.isArray(schema)) return schema.map(joined)
  if (schema === null || typeof schema !== 'object') return schema
  if (typeof schema.$ref !== 'string') {
    return Object.fromEntries(Object.entries(schema).map(([key, value]) => [key, joined(value)]))
  }
  const [name, inside] = schema.$ref.replace('zwindle:', '').split('#')
  if (formats[name] && inside) return { tsType: typeInside(formats[name], inside) }
  return formats[name] ? { tsType: formats[name] } : { ...schema, $ref: schema.$ref.replace(/^zwindle:http-\w+/, '') }
}

const $defs = {}
for (const file of (await readdir('schemas/http')).filter((name) => name.endsWith('.schema.json')).sort()) {
  Object.assign($defs, (await read(`schemas/http/${file}`)).$defs)
}
await write(
  'http',
  { title: 'EveryAnswer', type: 'object', additionalProperties: false, properties: {}, $defs: joined($defs) },
  {
    unreachableDefinitions: true,
    bannerComment: [
      '/** Generated from schemas/http by `npm run types`. */',
      ...Object.entries(formats).map(([name, title]) => `import type { ${title} } from './${name}'`),
      `export type { ${Object.values(formats).join(', ')} }`,
    ].join('\n'),
  },
)
