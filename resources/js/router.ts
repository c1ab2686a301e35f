import { createRouter, createWebHistory, type Router, type RouteRecordRaw } from 'vue-router';
import { useLanguage } from '@/device/useLanguage';
import { useOutbox } from '@/device/useOutbox';
import { useSession } from '@/device/useSession';
import { speak, t, type Chapter, type Key } from '@/messages/words';

declare module 'vue-router' {
  interface RouteMeta {
    title: Key;
    /** Chapters of words that its screen speaks from, beside those of every screen. */
    words: readonly Chapter[];
    /** Opens without signing in. */
    open?: boolean;
  }
}

export const routes: RouteRecordRaw[] = [
  {
    path: '/',
    name: 'day',
    component: () => import('@/day/DayView.vue'),
    meta: { title: 'ui.titles.day', words: ['day', 'days', 'tell'] },
  },
  {
    path: '/sign-in',
    name: 'sign-in',
    component: () => import('@/door/SignInView.vue'),
    meta: { title: 'ui.titles.signIn', words: ['door'], open: true },
  },
  {
    path: '/set-up',
    name: 'set-up',
    component: () => import('@/door/SetUpView.vue'),
    meta: { title: 'ui.titles.setUp', words: ['salon', 'rules'], open: true },
  },
  {
    path: '/visits/new',
    name: 'new-visit',
    component: () => import('@/dogs/NewVisitView.vue'),
    meta: { title: 'ui.titles.newVisit', words: ['breeds', 'dogs', 'arrival', 'card'] },
  },
  {
    path: '/days',
    name: 'days',
    component: () => import('@/day/ComingDaysView.vue'),
    meta: { title: 'ui.titles.days', words: ['days', 'arrival'] },
  },
  {
    path: '/appointments/new',
    name: 'new-appointment',
    component: () => import('@/day/AppointmentView.vue'),
    meta: { title: 'ui.titles.appointment', words: ['days', 'arrival', 'tell'] },
  },
  {
    path: '/appointments/:appointment',
    name: 'appointment',
    component: () => import('@/day/AppointmentView.vue'),
    meta: { title: 'ui.titles.appointment', words: ['days', 'arrival', 'tell'] },
  },
  {
    path: '/dogs',
    name: 'dogs',
    component: () => import('@/dogs/FindDogView.vue'),
    meta: { title: 'ui.titles.dogs', words: ['dogs'] },
  },
  {
    path: '/dogs/:dog',
    name: 'dog',
    component: () => import('@/dogs/DogView.vue'),
    meta: { title: 'ui.titles.dog', words: ['breeds', 'dogs', 'card', 'handling', 'next', 'skin', 'table'] },
  },
  {
    path: '/clients/:client',
    name: 'client',
    component: () => import('@/dogs/ClientView.vue'),
    meta: { title: 'ui.titles.client', words: ['dogs', 'privacy'] },
  },
  {
    path: '/visits/:visit/arrival',
    name: 'arrival',
    component: () => import('@/arrival/ArrivalView.vue'),
    meta: { title: 'ui.titles.arrival', words: ['arrival', 'card', 'handling', 'skin', 'feet', 'table'] },
  },
  {
    path: '/visits/:visit/inspection',
    name: 'inspection',
    component: () => import('@/inspection/InspectionView.vue'),
    meta: { title: 'ui.titles.inspection', words: ['inspection', 'card', 'skin', 'feet'] },
  },
  {
    path: '/visits/:visit/plan',
    name: 'plan',
    component: () => import('@/plan/PlanView.vue'),
    meta: { title: 'ui.titles.plan', words: ['plan', 'arrival', 'card', 'skin', 'feet', 'split', 'record'] },
  },
  {
    path: '/visits/:visit/table',
    name: 'table',
    component: () => import('@/table/TableView.vue'),
    meta: { title: 'ui.titles.table', words: ['table', 'plan', 'handling', 'inspection', 'card', 'skin', 'feet', 'split'] },
  },
  {
    path: '/visits/:visit/dry',
    name: 'dry',
    component: () => import('@/bath/DryView.vue'),
    meta: { title: 'ui.titles.dry', words: ['bath', 'table', 'card', 'skin', 'feet'] },
  },
  {
    path: '/visits/:visit/home',
    name: 'home',
    component: () => import('@/home/HomeView.vue'),
    meta: { title: 'ui.titles.home', words: ['home', 'table', 'card', 'skin', 'feet', 'split', 'tell'] },
  },
  {
    path: '/visits/:visit/next',
    name: 'next-visit',
    component: () => import('@/home/NextVisitView.vue'),
    meta: { title: 'ui.titles.next', words: ['next', 'table', 'card', 'skin', 'feet'] },
  },
  {
    path: '/visits/:visit/keepable',
    name: 'keepable',
    component: () => import('@/home/KeepableView.vue'),
    meta: { title: 'ui.titles.keepable', words: ['next', 'card', 'skin', 'feet'] },
  },
  {
    path: '/visits/:visit/owner',
    name: 'owner-plan',
    component: () => import('@/owner/OwnerPlanView.vue'),
    meta: { title: 'ui.titles.ownerPlan', words: ['owner', 'card', 'skin', 'feet'] },
  },
  {
    path: '/home-plan/:plan',
    name: 'home-plan',
    component: () => import('@/owner/OwnerPageView.vue'),
    meta: { title: 'ui.titles.homePlan', words: ['owner'], open: true },
  },
  {
    path: '/visits/:visit/record',
    name: 'record',
    component: () => import('@/record/RecordView.vue'),
    meta: { title: 'ui.titles.record', words: ['record', 'plan', 'card', 'skin', 'feet', 'split'] },
  },
  {
    path: '/house/rules',
    name: 'house-rules',
    component: () => import('@/house/HouseRulesView.vue'),
    meta: { title: 'ui.titles.houseRules', words: ['house', 'rules', 'arrival', 'card', 'table'] },
  },
  {
    path: '/house/salon',
    name: 'salon',
    component: () => import('@/house/SalonView.vue'),
    meta: { title: 'ui.titles.salon', words: ['house', 'salon'] },
  },
  {
    path: '/house/hours',
    name: 'roster',
    component: () => import('@/house/RosterView.vue'),
    meta: { title: 'ui.titles.roster', words: ['house', 'days'] },
  },
  {
    path: '/house/people',
    name: 'people',
    component: () => import('@/house/PeopleView.vue'),
    meta: { title: 'ui.titles.people', words: ['house'] },
  },
  {
    path: '/house/messages',
    name: 'message-texts',
    component: () => import('@/house/MessageTextsView.vue'),
    meta: { title: 'ui.titles.messageTexts', words: ['house'] },
  },
  {
    path: '/house/calendars',
    name: 'calendars',
    component: () => import('@/house/CalendarsView.vue'),
    meta: { title: 'ui.titles.calendars', words: ['house'] },
  },
  {
    path: '/house/records',
    name: 'records',
    component: () => import('@/house/RecordsView.vue'),
    meta: { title: 'ui.titles.records', words: ['house', 'records', 'privacy'] },
  },
  {
    path: '/house/log',
    name: 'house-log',
    component: () => import('@/house/HouseLogView.vue'),
    meta: { title: 'ui.titles.log', words: ['house', 'log'] },
  },
  {
    path: '/house/salons',
    name: 'salons',
    component: () => import('@/house/SalonsView.vue'),
    meta: { title: 'ui.titles.salons', words: ['house'] },
  },
  {
    path: '/house/grades',
    name: 'grade-differences',
    component: () => import('@/house/GradeDifferencesView.vue'),
    meta: { title: 'ui.titles.grades', words: ['house', 'inspection'] },
  },
  {
    path: '/answer/:link',
    name: 'answer',
    component: () => import('@/client/ClientAnswerView.vue'),
    meta: { title: 'ui.titles.answer', words: ['client', 'plan', 'split'], open: true },
  },
  {
    path: '/your-time/:appointment',
    name: 'your-time',
    component: () => import('@/client/YourTimeView.vue'),
    meta: { title: 'ui.titles.yourTime', words: ['client'], open: true },
  },
  {
    path: '/visit-sheet/:link',
    name: 'visit-sheet',
    component: () => import('@/client/SheetPageView.vue'),
    meta: { title: 'ui.titles.visitSheet', words: ['client'], open: true },
  },
  {
    path: '/messages',
    name: 'pass-on',
    component: () => import('@/client/PassOnView.vue'),
    meta: { title: 'ui.titles.passOn', words: ['client', 'plan'] },
  },
  {
    path: '/stand-in/phone',
    name: 'phone',
    component: () => import('@/client/PhoneStandInView.vue'),
    meta: { title: 'ui.titles.phone', words: ['client'] },
  },
  {
    path: '/:rest(.*)*',
    name: 'nowhere',
    component: () => import('@/door/NowhereView.vue'),
    meta: { title: 'ui.titles.nowhere', words: ['door'] },
  },
];

/** Where one is in the application; each screen has its words before it opens. */
export function makeRouter(): Router {
  const router = createRouter({ history: createWebHistory(), routes });
  router.beforeEach(async (to) => {
    const session = useSession();
    if (!session.known.value) {
      await session.load().catch(() => undefined);
      // What waits on this device is drawn from the first moment on.
      await useOutbox().ready;
    }
    await speak(useLanguage().wanted(), to.meta.words);
    const isNew = session.salon.value?.isNew;
    if (to.name === 'set-up') {
      return isNew !== false || { name: 'day' };
    }
    if (isNew && (!to.meta.open || to.name === 'sign-in')) {
      return { name: 'set-up' };
    }
    if (!to.meta.open && !session.staff.value) {
      return { name: 'sign-in', query: to.fullPath === '/' ? {} : { back: to.fullPath } };
    }
    return true;
  });
  router.afterEach((to) => {
    document.title = `${t(to.meta.title)} · Hound Check`;
  });
  return router;
}
