// Prints "PASSED FAILED" of a JUnit report.
import { readFileSync } from 'node:fs'

const xml = readFileSync(process.argv[2], 'utf8')
const [, suites] = xml.match(/<testsuites?\b([^>]*)>/) ?? []
const totals = suites?.includes('tests=') ? suites : (xml.match(/<testsuite\b([^>]*)>/)?.[1] ?? '')
const figure = (name) => Number(totals.match(new RegExp(`\\b${name}="(\\d+)"`))?.[1] ?? 0)
const failed = figure('failures') + figure('errors')
process.stdout.write(`${figure('tests') - failed - figure('skipped')} ${failed}\n`)
