// Writes docs/api/openapi.json, OpenAPI 3.1: every route of schemas/http/routes.json with the schemas that its requests and answers keep
// to. The result is committed and checked by the tests; it is linted by `npm run lint:api` and read at /docs/api.
import { mkdir, readdir, readFile, writeFile } from 'node:fs/promises'
import { format } from 'prettier'

const target = 'docs/api/openapi.json'
const read = async (path) => JSON.parse(await readFile(path, 'utf8'))

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

/** The formats of files, under the names that the contract knows them by. */
const FORMATS = { board: 'Board', wiring: 'WiringFile', step: 'Step', task: 'TaskFile', marking: 'MarkingFile' }
const COMPONENTS = '#/components/schemas/'

/** `zwindle:http-look#/$defs/End`, `zwindle:board`, and `#/$defs/x` inside a format: all of them are components here. */
function located(ref, format) {
  const [file, inside = ''] = ref.split('#')
  const name = file.replace('zwindle:', '')
  if (file === '' && format)
    return `${COMPONENTS}${format}${inside.replace('/$defs/', '_').replace(/\/properties\/\w+$/, (part) => part)}`
  if (FORMATS[name]) return `${COMPONENTS}${FORMATS[name]}${inside.replace('/$defs/', '_')}`
  return COMPONENTS + inside.replace('/$defs/', '')
}

/** Two numbers of a point are a pair, not a list. */
function paired({ items, minItems, maxItems, ...rest }) {
  const isPair = items && minItems !== undefined && minItems === maxItems && minItems <= 4
  if (isPair) return { ...rest, prefixItems: Array(minItems).fill(items), items: false, minItems, maxItems }
  return Object.fromEntries(
    Object.entries({ ...rest, items, minItems, maxItems }).filter(([, value]) => value !== undefined),
  )
}

function joined(schema, format) {
  if (Array.isArray(schema)) return schema.map((item) => joined(item, format))
  if (schema === null || typeof schema !== 'object') return schema
  if (schema.type === 'array') schema = paired(schema)
  return Object.fromEntries(
    Object.entries(schema)
      .filter(([key]) => !['$schema', '$id'].includes(key))
      .map(([key, value]) => [key, key === '$ref' ? located(value, format) : joined(value, format)]),
  )
}

const schemas = {}
for (const [file, name] of Object.entries(FORMATS)) {
  const { $defs = {}, ...schema } = await read(`schemas/${file}.schema.json`)
  schemas[name] = joined({ ...schema, title: name }, name)
  for (const [def, inside] of Object.entries($defs)) schemas[`${name}_${def}`] = joined(inside, name)
}
for (const file of (await readdir('schemas/http')).filter((name) => name.endsWith('.schema.json')).sort()) {
  for (const [name, schema] of Object.entries((await read(`schemas/http/${file}`)).$defs))
    schemas[name] = joined(schema)
}

const short = (name) => ({ $ref: COMPONENTS + name.split('#')[1] })
const json = (schema) => ({ 'application/json': { schema } })
/** A drawing that may yet have problems: whatever is sent is looked at. */
const ANY_BOARD = { type: 'object', additionalProperties: true }
const bodyOf = (asked) =>
  asked === 'board' ? { $ref: `${COMPONENTS}Board` } : asked === 'unfinished board' ? ANY_BOARD : short(asked)

/** What a route answers besides: 204 where the asker has the newest already, 202 where something waits for the instructor. */
const ALSO = {
  204: { description: 'Nothing is new.' },
  202: { description: 'It came late, and waits for the instructor.', content: json({ type: 'object' }) },
}

function answersOf({ answer, answers, file }) {
  if (file)
    return { 200: { description: 'A file.', content: { '*/*': { schema: { type: 'string', format: 'binary' } } } } }
  if (answer) return { 200: { description: answer.split('#')[1], content: json(short(answer)) } }
  if (answers)
    return {
      200: {
        description: `A list of ${answers.split('#')[1]}`,
        content: json({ type: 'array', items: short(answers) }),
      },
    }
  return { 204: { description: 'Done.' } }
}

const words = (name) => {
  const said = name.replace(/([A-Z])/g, (letter) => ` ${letter.toLowerCase()}`)
  return said[0].toUpperCase() + said.slice(1)
}
/** In an address all others are numbers. */
const NAMES = ['practice', 'version']

const paths = {}
const tags = new Set()
for (const [route, terms] of Object.entries(await read('schemas/http/routes.json'))) {
  const [method, path] = route.split(' ')
  const tag = path.split('/')[0]
  tags.add(tag)
  const parameters = [
    ...[...path.matchAll(/\{(\w+)\}/g)].map(([, name]) => ({
      name,
      in: 'path',
      required: true,
      schema: { type: NAMES.includes(name) ? 'string' : 'integer' },
    })),
    ...(terms.query ?? []).map((name) => ({ name, in: 'query', required: false, schema: { type: 'string' } })),
  ]
  paths[`/${path}`] ??= {}
  paths[`/${path}`][method.toLowerCase()] = {
    operationId: terms.name,
    summary: words(terms.name),
    tags: [tag],
    ...(parameters.length > 0 ? { parameters } : {}),
    ...(terms.request ? { requestBody: { required: true, content: json(bodyOf(terms.request)) } } : {}),
    responses: {
      ...answersOf(terms),
      ...(terms.also ? { [terms.also]: ALSO[terms.also] } : {}),
      '4XX': {
        description: 'Refused, with a sentence that says why.',
        content: json({ $ref: `${COMPONENTS}Refusal` }),
      },
    },
    ...(terms.name === 'signIn' || terms.name === 'session' ? { security: [] } : {}),
  }
}

const document = {
  openapi: '3.1.0',
  info: {
    title: 'Zwindle',
    version: '1',
    description:
      'What the browser and the server say to each other. A description for whoever carries on the work: it opens no way in that is not there already. Every request and answer of every test is held against it.',
    license: { name: 'MIT', identifier: 'MIT' },
  },
  servers: [{ url: '/api' }],
  security: [{ session: [] }],
  tags: [...tags].sort().map((name) => ({ name, description: `Everything under /${name}.` })),
  paths,
  components: {
    securitySchemes: { session: { type: 'apiKey', in: 'cookie', name: 'zwindle-session' } },
    schemas,
  },
}
await mkdir('docs/api', { recursive: true })
await writeFile(target, await format(JSON.stringify(document), { parser: 'json', printWidth: 120 }))
