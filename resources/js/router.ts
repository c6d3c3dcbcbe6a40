import { withWords } from '@/shared/words/loadWords'
import { createRouter, createWebHistory } from 'vue-router'
import { countMove } from '@/shared/frame/moves'
import { useSession } from '@/shared/stores/session'

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    {
      path: '/sign-in',
      component: withWords('sign-in', () => import('./screens/sign-in/SignInScreen.vue')),
      meta: { open: true },
    },
    // Where it leads is only known when it is known who is signed in.
    { path: '/', name: 'start', component: { render: () => null } },
    { path: '/my-boards', component: withWords('my-boards', () => import('./screens/my-boards/MyBoardsScreen.vue')) },
    {
      path: '/tonight',
      component: withWords('tonight', () => import('./screens/tonight/TonightScreen.vue')),
      meta: { role: 'instructor' },
    },
    {
      path: '/boards',
      component: withWords('boards', () => import('./screens/boards/BoardsScreen.vue')),
      meta: { role: 'instructor' },
    },
    {
      path: '/tasks',
      component: withWords('tasks', () => import('./screens/tasks/TasksScreen.vue')),
      meta: { role: 'instructor' },
    },
    {
      path: '/people',
      component: withWords('people', () => import('./screens/people/PeopleScreen.vue')),
      meta: { role: 'instructor' },
    },
    {
      path: '/marks',
      component: withWords('marks-list', () => import('./screens/marks-list/MarksListScreen.vue')),
      meta: { role: 'instructor' },
    },
    {
      path: '/password',
      component: withWords('people', () => import('./screens/people/PasswordScreen.vue')),
      meta: { role: 'instructor' },
    },
    {
      path: '/set/:boardFile(\\d+)',
      component: withWords('set-board', () => import('./screens/set-board/SetScreen.vue')),
      props: (to) => ({ boardFile: Number(to.params.boardFile) }),
      meta: { role: 'instructor' },
    },
    {
      path: '/try/:boardFile(\\d+)',
      component: withWords('try-board', () => import('./screens/try-board/TryScreen.vue')),
      props: (to) => ({ boardFile: Number(to.params.boardFile) }),
      meta: { role: 'instructor' },
    },
    {
      path: '/diagnosis/:boardFile(\\d+)',
      component: withWords('diagnosis', () => import('./screens/diagnosis/DiagnosisScreen.vue')),
      props: (to) => ({ boardFile: Number(to.params.boardFile) }),
      meta: { role: 'instructor' },
    },
    {
      path: '/show/:boardFile(\\d+)',
      component: withWords('show', () => import('./screens/show/ShowScreen.vue')),
      props: (to) => ({ boardFile: Number(to.params.boardFile) }),
      meta: { role: 'instructor' },
    },
    {
      path: '/evening/:evening(\\d+|new)',
      component: withWords('evening', () => import('./screens/evening/EveningScreen.vue')),
      props: (to) => ({ evening: to.params.evening === 'new' ? null : Number(to.params.evening) }),
      meta: { role: 'instructor' },
    },
    {
      path: '/wall/:evening(\\d+)',
      component: withWords('wall', () => import('./screens/wall/WallScreen.vue')),
      props: (to) => ({ evening: Number(to.params.evening) }),
      meta: { role: 'instructor' },
    },
    {
      path: '/parts/:evening(\\d+)',
      component: withWords('evening', () => import('./screens/evening/PartsScreen.vue')),
      props: (to) => ({ evening: Number(to.params.evening) }),
      meta: { role: 'instructor' },
    },
    {
      path: '/station/:attempt(\\d+)',
      component: withWords('station', () => import('./screens/station/StationScreen.vue')),
      props: (to) => ({ attempt: Number(to.params.attempt) }),
      meta: { role: 'instructor' },
    },
    {
      path: '/record/:assignment(\\d+)',
      component: withWords('record', () => import('./screens/record/RecordScreen.vue')),
      props: (to) => ({ assignment: Number(to.params.assignment) }),
      meta: { role: 'instructor' },
    },
    {
      path: '/mark-table',
      component: withWords('mark-table', () => import('./screens/mark-table/MarkTableScreen.vue')),
      meta: { role: 'instructor' },
    },
    {
      path: '/mark-grid',
      component: withWords('record', () => import('./screens/record/GridScreen.vue')),
      meta: { role: 'instructor' },
    },
    { path: '/class', redirect: '/tonight' },
    { path: '/assign', redirect: '/boards' },
    {
      path: '/paper/:boardFile(\\d+)/:plan(\\d+)',
      component: withWords('paper', () => import('./screens/paper/PaperScreen.vue')),
      props: (to) => ({ boardFile: Number(to.params.boardFile), plan: Number(to.params.plan) }),
      meta: { role: 'instructor' },
    },
    {
      path: '/prepare/:boardFile(\\d+)/:plan(\\d+)',
      component: withWords('prepare', () => import('./screens/prepare/PrepareScreen.vue')),
      props: (to) => ({ boardFile: Number(to.params.boardFile), plan: Number(to.params.plan) }),
      meta: { role: 'instructor' },
    },
    {
      path: '/as-found/:boardFile(\\d+)',
      component: withWords('as-found', () => import('./screens/as-found/AsFoundScreen.vue')),
      props: (to) => ({ boardFile: Number(to.params.boardFile), number: Number(to.query.number) || 1 }),
      meta: { role: 'instructor' },
    },
    {
      path: '/draw/:boardFile(\\d+)',
      component: withWords('drawing-board', () => import('./screens/drawing-board/DrawingBoardScreen.vue')),
      props: (to) => ({ boardFile: Number(to.params.boardFile) }),
      meta: { role: 'instructor' },
    },
    {
      path: '/plans/:boardFile(\\d+)',
      component: withWords('plans', () => import('./screens/plans/PlansScreen.vue')),
      props: (to) => ({ boardFile: Number(to.params.boardFile), scheme: String(to.query.scheme ?? '') }),
      meta: { role: 'instructor' },
    },
    {
      path: '/task/:boardFile(\\d+)',
      component: withWords('task', () => import('./screens/task/TaskScreen.vue')),
      props: (to) => ({ boardFile: Number(to.params.boardFile), kept: to.query.task ? Number(to.query.task) : null }),
      meta: { role: 'instructor' },
    },
    {
      path: '/marks/:assignment(\\d+)',
      component: withWords('marks', () => import('./screens/marks/MarksScreen.vue')),
      props: (to) => ({ assignment: Number(to.params.assignment) }),
      meta: { role: 'instructor' },
    },
    {
      path: '/answers/:attempt(\\d+)',
      component: withWords('answers', () => import('./screens/answers/AnswersScreen.vue')),
      props: (to) => ({ attempt: Number(to.params.attempt) }),
    },
    {
      path: '/viva/:attempt(\\d+)',
      component: withWords('viva', () => import('./screens/viva/VivaScreen.vue')),
      props: (to) => ({ attempt: Number(to.params.attempt) }),
      meta: { role: 'instructor' },
    },
    {
      path: '/bench/:attempt(\\d+)',
      component: withWords('bench', () => import('./screens/bench/BenchScreen.vue')),
      props: (to) => ({ attempt: Number(to.params.attempt) }),
    },
    {
      path: '/diagnosis/attempt/:attempt(\\d+)',
      component: withWords('diagnosis', () => import('./screens/diagnosis/DiagnosisScreen.vue')),
      props: (to) => ({ attempt: Number(to.params.attempt) }),
    },
    // Addresses that tabs of the release before have open.
    { path: '/find/:boardFile(\\d+)', redirect: (to) => `/diagnosis/${String(to.params.boardFile)}` },
    { path: '/faults/:attempt(\\d+)', redirect: (to) => `/diagnosis/attempt/${String(to.params.attempt)}` },
    {
      path: '/status',
      component: withWords('status', () => import('./screens/status/StatusScreen.vue')),
      meta: { role: 'instructor' },
    },
    { path: '/drills', component: withWords('drills', () => import('./screens/drills/DrillsScreen.vue')) },
    {
      path: '/drill/:drill(\\d+)',
      component: withWords('drills', () => import('./screens/drills/DrillScreen.vue')),
      props: (to) => ({ drill: Number(to.params.drill) }),
    },
    {
      path: '/prove/:attempt(\\d+)',
      component: withWords('prove', () => import('./screens/prove/ProveScreen.vue')),
      props: (to) => ({ attempt: Number(to.params.attempt) }),
    },
    {
      path: '/verdict/:attempt(\\d+)',
      component: withWords('verdict', () => import('./screens/verdict/VerdictScreen.vue')),
      props: (to) => ({ attempt: Number(to.params.attempt) }),
    },
    {
      path: '/:rest(.*)*',
      component: withWords('sign-in', () => import('./screens/sign-in/NotFoundScreen.vue')),
      meta: { open: true },
    },
  ],
})

router.beforeEach(async (to) => {
  const session = useSession()
  try {
    await session.find()
  } catch {
    return to.meta.open ? true : { path: '/sign-in', query: { then: to.fullPath } }
  }
  if (!session.user && !to.meta.open)
    return { path: '/sign-in', query: to.name === 'start' ? {} : { then: to.fullPath } }
  if (to.name === 'start') return session.user?.role === 'instructor' ? '/tonight' : '/my-boards'
  if (to.meta.role && session.user?.role !== to.meta.role) return '/'
  return true
})

/** A part of the program that did not come, as after an upgrade or a lost moment: the page is opened whole instead. */
router.onError((_, to, from) => {
  if (from.matched.length > 0) location.assign(to.fullPath)
})

router.afterEach((to, from) => {
  if (to.path !== from.path) countMove()
  if (to.path === '/sign-in') setTimeout(fetchFirstPages, FETCH_AFTER_MS)
})

/** What comes after the door is fetched while somebody types at it. */
const FETCH_AFTER_MS = 300
function fetchFirstPages() {
  for (const { path, components } of router.getRoutes()) {
    const page = components?.default as (() => Promise<unknown>) | undefined
    // Whoever was quicker at the door has fetched it: then the page itself stands there.
    if ((path === '/tonight' || path === '/my-boards') && typeof page === 'function') void page()
  }
}
