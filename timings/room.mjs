// A room at work, on loopback: so many trainees make a step a second for a minute, then one every three seconds for three, with
// one wall open and every screen asking for its clock. Every step that was sent is compared with every step that is stored.
//   PHP_CLI_SERVER_WORKERS=6 bin/demo --fresh   and, beside it,   node timings/room.mjs [TRAINEES [SECONDS_FAST [SECONDS_SLOW]]]
// With ROOM=2:600 it is a step in two seconds for ten minutes instead.
// Figures to meet: at the lower rate 95 of 100 under 150 ms; at the higher no error.
import { classOf, share, Tablet } from './tablet.mjs'

const trainees = Number(process.argv[2] ?? 40)
const phases = process.env.ROOM
  ? process.env.ROOM.split(',').map((phase) => {
      const [everyS, seconds] = phase.split(':').map(Number)
      return { name: `a step in ${everyS} s`, everyMs: everyS * 1000, seconds }
    })
  : [
      { name: 'a step a second', everyMs: 1000, seconds: Number(process.argv[3] ?? 60) },
      { name: 'a step in three seconds', everyMs: 3000, seconds: Number(process.argv[4] ?? 180) },
    ]
const sleep = (ms) => new Promise((resolve) => setTimeout(resolve, ms))
const [attempts, tablets] = await classOf(trainees)
const instructor = await Tablet.signedIn('marit')
const [evening] = await instructor.ask('GET', 'evenings')

const state = attempts.map(() => ({ head: 0, number: 0 }))
const failures = []
let isOver = false
const wall = { asked: 0, bytes: 0, times: [] }
async function watchWall() {
  let tag = ''
  while (!isOver) {
    const asked = performance.now()
    const fresh = await instructor.ask('GET', `evenings/${evening.id}/wall?have=${tag}`)
    wall.times.push(performance.now() - asked)
    wall.asked++
    wall.bytes += fresh ? JSON.stringify(fresh).length : 0
    tag = fresh?.tag ?? tag
    await sleep(5000)
  }
}
async function askClock(i) {
  await sleep(Math.random() * 10_000)
  for (let tag = ''; !isOver; await sleep(10_000)) {
    const clock = await tablets[i]
      .ask('GET', `attempts/${attempts[i]}/clock?have=${tag}`)
      .catch((error) => void failures.push(String(error)))
    tag = clock?.tag ?? tag
  }
}

const watching = [watchWall(), ...attempts.map((_, i) => askClock(i))]
const began = performance.now()
for (const { name, everyMs, seconds } of phases) {
  const times = []
  const until = performance.now() + seconds * 1000
  await Promise.all(
    attempts.map(async (attempt, i) => {
      await sleep(Math.random() * everyMs)
      while (performance.now() < until) {
        const own = state[i]
        const number = ++own.number
        const asked = performance.now()
        const step = number % 2 === 1 ? { do: 'cap', points: ['W1.black@B1'] } : { do: 'undo' }
        try {
          const receipt = await tablets[i].ask('POST', `attempts/${attempt}/steps`, {
            device: `room-tablet-${i}`,
            base: own.head,
            steps: [{ number, at: new Date().toISOString(), step }],
          })
          own.head = receipt.head
        } catch (error) {
          failures.push(String(error))
        }
        const took = performance.now() - asked
        times.push(took)
        await sleep(Math.max(0, everyMs - took))
      }
    }),
  )
  process.stdout.write(
    `${name}: ${times.length} steps, median ${share(times, 0.5)} ms, p95 ${share(times, 0.95)} ms, worst ${share(times, 1)} ms\n`,
  )
}
isOver = true
const minutes = (performance.now() - began) / 60_000
await Promise.all(watching)
let missing = 0
for (const [i, tablet] of tablets.entries()) {
  const { steps, setAside } = await tablet.ask('GET', `attempts/${attempts[i]}`)
  if (steps.length !== state[i].number || setAside.length > 0) missing++
}
process.stdout.write(
  `${failures.length} errors${failures[0] ? ` (${failures[0].slice(0, 160)})` : ''}; of ${trainees} boards ${missing} with another number of steps than was sent\n` +
    `the wall: ${(wall.asked / minutes).toFixed(1)} questions and ${(wall.bytes / 1024 / minutes).toFixed(1)} kB a minute, p95 ${share(wall.times, 0.95)} ms\n`,
)
