import { createRouter, createWebHistory } from 'vue-router';
import { useSession } from '@/device/useSession';

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', name: 'day', component: () => import('@/day/DayView.vue'), meta: { title: 'The day' } },
    { path: '/sign-in', name: 'sign-in', component: () => import('@/door/SignInView.vue'), meta: { title: 'Sign in', open: true } },
    { path: '/visits/new', name: 'new-visit', component: () => import('@/dogs/NewVisitView.vue'), meta: { title: 'A dog comes in' } },
    { path: '/visits/:visit/arrival', name: 'arrival', component: () => import('@/arrival/ArrivalView.vue'), meta: { title: 'Arrival' } },
    {
      path: '/visits/:visit/inspection',
      name: 'inspection',
      component: () => import('@/inspection/InspectionView.vue'),
      meta: { title: 'Inspection' },
    },
    { path: '/visits/:visit/plan', name: 'plan', component: () => import('@/plan/PlanView.vue'), meta: { title: 'Plan' } },
    { path: '/visits/:visit/table', name: 'table', component: () => import('@/table/TableView.vue'), meta: { title: 'Table' } },
    { path: '/visits/:visit/dry', name: 'dry', component: () => import('@/bath/DryView.vue'), meta: { title: 'Bath and dryer' } },
    { path: '/visits/:visit/home', name: 'home', component: () => import('@/home/HomeView.vue'), meta: { title: 'Going home' } },
    { path: '/visits/:visit/record', name: 'record', component: () => import('@/record/RecordView.vue'), meta: { title: 'Record' } },
    {
      path: '/house/rules',
      name: 'house-rules',
      component: () => import('@/house/HouseRulesView.vue'),
      meta: { title: 'House rules' },
    },
    {
      path: '/house/grades',
      name: 'grade-differences',
      component: () => import('@/house/GradeDifferencesView.vue'),
      meta: { title: 'Graded otherwise' },
    },
    {
      path: '/answer/:link',
      name: 'answer',
      component: () => import('@/client/ClientAnswerView.vue'),
      meta: { title: 'Your dog’s coat', open: true },
    },
    {
      path: '/stand-in/phone',
      name: 'phone',
      component: () => import('@/client/PhoneStandInView.vue'),
      meta: { title: 'Clients’ phones' },
    },
    { path: '/:rest(.*)*', name: 'nowhere', component: () => import('@/door/NowhereView.vue'), meta: { title: 'Nothing here' } },
  ],
});

router.beforeEach(async (to) => {
  const session = useSession();
  if (!session.known.value) {
    await session.load().catch(() => undefined);
  }
  if (!to.meta.open && !session.staff.value) {
    return { name: 'sign-in', query: to.fullPath === '/' ? {} : { back: to.fullPath } };
  }
  return true;
});

router.afterEach((to) => {
  document.title = `${String(to.meta.title)} · Hound Check`;
});
