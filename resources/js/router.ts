import { createRouter, createWebHistory } from 'vue-router';
import { useSession } from './composables/useSession';

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', name: 'day', component: () => import('./views/DayView.vue'), meta: { title: 'The day' } },
    { path: '/sign-in', name: 'sign-in', component: () => import('./views/SignInView.vue'), meta: { title: 'Sign in', open: true } },
    { path: '/visits/new', name: 'new-visit', component: () => import('./views/NewVisitView.vue'), meta: { title: 'A dog comes in' } },
    { path: '/visits/:visit/arrival', name: 'arrival', component: () => import('./views/ArrivalView.vue'), meta: { title: 'Arrival' } },
    {
      path: '/visits/:visit/inspection',
      name: 'inspection',
      component: () => import('./views/InspectionView.vue'),
      meta: { title: 'Inspection' },
    },
    { path: '/visits/:visit/plan', name: 'plan', component: () => import('./views/PlanView.vue'), meta: { title: 'Plan' } },
    { path: '/visits/:visit/table', name: 'table', component: () => import('./views/TableView.vue'), meta: { title: 'Table' } },
    { path: '/visits/:visit/dry', name: 'dry', component: () => import('./views/DryView.vue'), meta: { title: 'Bath and dryer' } },
    { path: '/visits/:visit/home', name: 'home', component: () => import('./views/HomeView.vue'), meta: { title: 'Going home' } },
    { path: '/visits/:visit/record', name: 'record', component: () => import('./views/RecordView.vue'), meta: { title: 'Record' } },
    {
      path: '/house/rules',
      name: 'house-rules',
      component: () => import('./views/HouseRulesView.vue'),
      meta: { title: 'House rules' },
    },
    {
      path: '/house/grades',
      name: 'grade-differences',
      component: () => import('./views/GradeDifferencesView.vue'),
      meta: { title: 'Graded otherwise' },
    },
    {
      path: '/answer/:link',
      name: 'answer',
      component: () => import('./views/ClientAnswerView.vue'),
      meta: { title: 'Your dog’s coat', open: true },
    },
    { path: '/stand-in/phone', name: 'phone', component: () => import('./views/PhoneStandInView.vue'), meta: { title: 'Clients’ phones' } },
    { path: '/:rest(.*)*', name: 'nowhere', component: () => import('./views/NowhereView.vue'), meta: { title: 'Nothing here' } },
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
