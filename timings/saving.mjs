// Forty trainees saving at once on one machine: nothing lost, nothing doubled, p95 under 250 ms.
//   bin/demo --fresh   and, beside it,   node timings/saving.mjs [TRAINEES [STEPS]]
// It makes accounts of its own through `php artisan tinker`, on the database of the demo.
import { classOf, share } from './tablet.mjs'

const trainees = Number(process.argv[2] ?? 40)
const steps = Number(process.argv[3] ?? 30)

const [attempts, tablets] = await classOf(trainees)

const times = []
const started = performance.now()
await Promise.all(
  tablets.map(async (tablet, i) => {
    let head = 0
    await new Promise((resolve) => setTimeout(resolve, Math.random() * 2000))
    for (let number = 1; number <= steps; number++) {
      const step = number % 2 === 1 ? { do: 'cap', points: ['W1.black@B1'] } : { do: 'undo' }
      const asked = performance.now()
      const receipt = await tablet.ask('POST', `attempts/${attempts[i]}/steps`, {
        device: `load-tablet-${i}`,
        base: head,
        steps: [{ number, at: new Date().toISOString(), step }],
      })
      times.push(performance.now() - asked)
      head = receipt.head
      // A quick hand: a step every two seconds or so.
      await new Promise((resolve) => setTimeout(resolve, 1500 + Math.random() * 1000))
    }
  }),
)
const seconds = (performance.now() - started) / 1000

let kept = 0
for (const [i, tablet] of tablets.entries()) {
  const bench = await tablet.ask('GET', `attempts/${attempts[i]}`)
  const numbers = new Set(bench.steps.map(({ number }) => number))
  if (bench.steps.length !== steps || numbers.size !== steps || bench.setAside.length > 0) {
    throw new Error(`Attempt ${attempts[i]} has ${bench.steps.length} steps of ${steps}`)
  }
  kept += bench.steps.length
}
process.stdout.write(
  `${trainees} trainees, ${kept} steps kept of ${trainees * steps}, in ${seconds.toFixed(0)} s; median ${share(times, 0.5)} ms, p95 ${share(times, 0.95)} ms, worst ${share(times, 1)} ms\n`,
)
