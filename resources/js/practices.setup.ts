// What the server says of the practices, as the tests of the front end need it.
import { learnPractices } from '@/shared/practices'

const orders = { boxByBox: 'Box by box', farthestFirst: 'Farthest first' }
const cautions = { hands: 'Turn off, lock, prove dead.', live: 'Live: probes only.', neutral: 'It may be shared.' }
learnPractices([
  {
    id: 'na',
    name: 'North America',
    short: 'NA',
    imperial: true,
    reckonsBoxFill: true,
    gridMm: 50.8,
    earths: 'grounds',
    leakageBreaker: 'GFCI',
    cautions,
    orders,
  },
  {
    id: 'gb',
    name: 'Britain',
    short: 'GB',
    imperial: false,
    reckonsBoxFill: false,
    gridMm: 50,
    earths: 'earths',
    leakageBreaker: 'RCD',
    cautions,
    orders,
  },
])
