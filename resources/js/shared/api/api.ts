import { bench } from './calls/bench'
import { boards } from './calls/boards'
import { classes } from './calls/classes'
import { diagnosis } from './calls/diagnosis'
import { drills } from './calls/drills'
import { evenings } from './calls/evenings'
import { people } from './calls/people'
import { proving } from './calls/proving'
import { sittings } from './calls/sittings'
import { tasks } from './calls/tasks'
import { verdicts } from './calls/verdicts'

/** Everything that can be asked of the server. */
export const api = {
  ...bench,
  ...boards,
  ...classes,
  ...diagnosis,
  ...drills,
  ...evenings,
  ...people,
  ...proving,
  ...sittings,
  ...tasks,
  ...verdicts,
}
