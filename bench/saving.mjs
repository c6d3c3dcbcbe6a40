// Forty trainees saving at once on one machine: nothing lost, nothing doubled, p95 under 250 ms.
//   bin/demo --fresh   and, beside it,   node bench/saving.mjs [TRAINEES [STEPS]]
// It makes accounts of its own through `php artisan tinker`, on the database of the demo.
import { execFileSync } from 'node:child_process'

const base = process.env.ZWINDLE_URL ?? 'http://127.0.0.1:8000'
const trainees = Number(process.argv[2] ?? 40)
const steps = Number(process.argv[3] ?? 30)

const seed = `
$classroom = App\\Models\\Classroom::query()->firstOrFail();
$file = App\\Models\\BoardFile::query()->firstOrFail();
$ids = [];
foreach (range(1, ${trainees}) as $i) {
    $ids[] = App\\Models\\User::query()->firstOrCreate(['username' => "load$i"], ['name' => "Load $i", 'role' => 'trainee', 'password' => 'lights-on'])->id;
}
$assignment = (new App\\Actions\\Classes\\SetAssignment)->execute($classroom, $file, $ids, null);
echo json_encode($assignment->attempts()->orderBy('trainee_id')->pluck('id'));
`
const attempts = JSON.parse(
  execFileSync('php', ['artisan', 'tinker', '--execute', seed], { encoding: 'utf8' }).trim().split('\n').at(-1),
)

class Tablet {
  cookies = new Map()

  async ask(method, path, body) {
    const response = await fetch(`${base}/api/${path}`, {
      method,
      headers: {
        Accept: 'application/json',
        'Content-Type': 'application/json',
        Cookie: [...this.cookies].map(([name, value]) => `${name}=${value}`).join('; '),
        'X-XSRF-TOKEN': decodeURIComponent(this.cookies.get('XSRF-TOKEN') ?? ''),
      },
      body: body === undefined ? undefined : JSON.stringify(body),
    })
    for (const cookie of response.headers.getSetCookie()) {
      const [name, value] = cookie.split(';')[0].split('=')
      this.cookies.set(name, value)
    }
    if (!response.ok) throw new Error(`${method} ${path}: ${response.status} ${await response.text()}`)
    return response.json()
  }
}

const tablets = []
for (const [i] of attempts.entries()) {
  const tablet = new Tablet()
  await tablet.ask('GET', 'session')
  await tablet.ask('POST', 'session', { username: `load${i + 1}`, password: 'lights-on' })
  tablets.push(tablet)
}

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
times.sort((a, b) => a - b)
const at = (share) => times[Math.min(times.length - 1, Math.floor(times.length * share))].toFixed(0)
process.stdout.write(
  `${trainees} trainees, ${kept} steps kept of ${trainees * steps}, in ${seconds.toFixed(0)} s; median ${at(0.5)} ms, p95 ${at(0.95)} ms, worst ${at(1)} ms\n`,
)
