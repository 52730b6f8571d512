import { createRouter, createWebHistory, type RouteRecordRaw } from 'vue-router'
import { t } from '@/words'
import HomePage from './HomePage.vue'

const routes: RouteRecordRaw[] = [
  { path: '/', name: 'today', component: HomePage, meta: { title: 'today', place: 'today' } },
  {
    path: '/blends',
    name: 'blends',
    component: () => import('@/blend/BlendsPage.vue'),
    meta: { title: 'blends', place: 'blends' },
  },
  {
    path: '/blends/share',
    name: 'share',
    component: () => import('@/find/SharePage.vue'),
    meta: { title: 'oneBlendForMany', place: 'blends' },
  },
  {
    path: '/blends/:id',
    name: 'blend',
    component: () => import('@/blend/BlendPage.vue'),
    props: true,
    meta: { title: 'blend', place: 'blends' },
  },
  {
    path: '/blends/:id/count',
    name: 'count',
    component: () => import('@/blend/CountPage.vue'),
    props: true,
    meta: { title: 'countAsYouGo', place: 'blends' },
  },
  {
    path: '/blends/:id/versions',
    name: 'versions',
    component: () => import('@/blend/VersionsPage.vue'),
    props: true,
    meta: { title: 'versions', place: 'blends' },
  },
  {
    path: '/blends/beside',
    name: 'beside',
    component: () => import('@/blend/BesidePage.vue'),
    meta: { title: 'sideBySide', place: 'blends' },
  },
  {
    path: '/batches',
    name: 'batches',
    component: () => import('@/batch/BatchesPage.vue'),
    meta: { title: 'batches', place: 'batches' },
  },
  {
    path: '/batches/:id',
    name: 'batch',
    component: () => import('@/batch/BatchPage.vue'),
    props: true,
    meta: { title: 'batch', place: 'batches' },
  },
  {
    path: '/batches/:id/prepare',
    name: 'prepare',
    component: () => import('@/batch/PreparePage.vue'),
    props: true,
    meta: { title: 'prepare', place: 'batches' },
  },
  {
    path: '/batches/:id/mix',
    name: 'mix',
    component: () => import('@/batch/MixPage.vue'),
    props: true,
    meta: { title: 'mix', place: 'batches' },
  },
  {
    path: '/batches/:id/test',
    name: 'test',
    component: () => import('@/batch/TestPage.vue'),
    props: true,
    meta: { title: 'testBatch', place: 'batches' },
  },
  {
    path: '/batches/:id/adjust',
    name: 'adjust',
    component: () => import('@/batch/AdjustPage.vue'),
    props: true,
    meta: { title: 'adjust', place: 'batches' },
  },
  {
    path: '/batches/:id/done',
    name: 'done',
    component: () => import('@/batch/DonePage.vue'),
    props: true,
    meta: { title: 'done', place: 'batches' },
  },
  {
    path: '/batches/:batchId/pot-up',
    name: 'pot-up',
    component: () => import('@/pot/PotUpPage.vue'),
    props: true,
    meta: { title: 'potUp', place: 'pots' },
  },
  {
    path: '/calendar',
    name: 'calendar',
    component: () => import('@/care/CalendarPage.vue'),
    meta: { title: 'calendar', place: 'today' },
  },
  {
    path: '/hand',
    name: 'hand',
    component: () => import('@/care/HandPage.vue'),
    meta: { title: 'hand', place: 'today' },
  },
  {
    path: '/weather',
    name: 'weather',
    component: () => import('@/care/WeatherPage.vue'),
    meta: { title: 'weather', place: 'today' },
  },
  {
    path: '/year',
    name: 'year',
    component: () => import('@/outcome/YearPage.vue'),
    meta: { title: 'year', place: 'today' },
  },
  {
    path: '/recall/:what(batch|bag)/:id',
    name: 'recall',
    component: () => import('@/outcome/RecallPage.vue'),
    props: true,
    meta: { title: 'recall', place: 'pots' },
  },
  {
    path: '/house',
    name: 'house',
    component: () => import('@/shell/HousePage.vue'),
    meta: { title: 'house', place: 'house' },
  },
  {
    path: '/leave',
    name: 'leave',
    component: () => import('@/care/LeavePage.vue'),
    meta: { title: 'leave', place: 'today' },
  },
  {
    path: '/round',
    name: 'round',
    component: () => import('@/care/RoundPage.vue'),
    meta: { title: 'round', place: 'today' },
  },
  {
    path: '/pots',
    name: 'pots',
    component: () => import('@/pot/PotsPage.vue'),
    meta: { title: 'pots', place: 'pots' },
  },
  {
    path: '/pots/well',
    name: 'well',
    component: () => import('@/outcome/OutcomePage.vue'),
    meta: { title: 'well', place: 'pots' },
  },
  {
    path: '/pots/:id',
    name: 'pot',
    component: () => import('@/pot/PotPage.vue'),
    props: true,
    meta: { title: 'pot', place: 'pots' },
  },
  {
    path: '/pots/:id/wrong',
    name: 'wrong',
    component: () => import('@/trouble/TroublePage.vue'),
    props: true,
    meta: { title: 'wrong', place: 'pots' },
  },
  {
    path: '/pots/:id/set-up',
    name: 'set-up',
    component: () => import('@/pot/SetUpPage.vue'),
    props: true,
    meta: { title: 'setUp', place: 'pots' },
  },
  {
    path: '/blends/:id/closer/:view(pots|tests|doses|outlook|season|layers|standing|chance)',
    name: 'closer',
    component: () => import('@/blend/CloserPage.vue'),
    props: true,
    meta: { title: 'closerLook', place: 'blends' },
  },
  { path: '/shelf', redirect: '/shelf/here' },
  {
    path: '/shelf/:view(here|buy|own|files)',
    name: 'shelf',
    component: () => import('@/shelf/ShelfPage.vue'),
    props: true,
    meta: { title: 'shelf', place: 'shelf' },
  },
  { path: '/book', redirect: '/book/plants' },
  {
    path: '/book/:chapter(plants|materials|cautions)/:ids?',
    name: 'book',
    component: () => import('./BookPage.vue'),
    props: true,
    meta: { title: 'book', place: 'book' },
  },
  {
    path: '/book/unknown',
    name: 'unknown-plant',
    component: () => import('@/need/UnknownPlantPage.vue'),
    meta: { title: 'unknownPlant', place: 'book' },
  },
  {
    path: '/sign-in',
    name: 'sign-in',
    component: () => import('./SignInPage.vue'),
    meta: { title: 'signIn', place: '' },
  },
  {
    path: '/:anything(.*)*',
    name: 'lost',
    component: () => import('./LostPage.vue'),
    meta: { title: 'notFound', place: '' },
  },
]

export const router = createRouter({
  history: createWebHistory(),
  routes,
  scrollBehavior: (to, from, saved) => saved ?? (to.path === from.path ? undefined : { top: 0 }),
})

router.afterEach((to) => {
  document.title = `${t(`frame.routes.${String(to.meta.title)}`)} · Loose Knit`
})
