import { until } from '@vueuse/core';
import { createRouter, createWebHistory } from 'vue-router';
import { useSession } from './composables/useSession';

export const router = createRouter({
    history: createWebHistory(),
    scrollBehavior: (_to, _from, saved) => saved ?? { top: 0 },
    routes: [
        { path: '/', redirect: '/today' },
        { path: '/today', component: () => import('./today/TodayPage.vue'), meta: { title: 'Today', floor: true } },
        { path: '/today/board', component: () => import('./board/BoardPage.vue'), meta: { title: 'Board', own: true } },
        { path: '/today/classes', component: () => import('./today/ClassesPage.vue'), meta: { title: 'Classes' } },
        {
            path: '/today/:class/:on/after',
            component: () => import('./today/AfterPage.vue'),
            props: true,
            meta: { title: 'After the class' },
        },
        {
            path: '/today/:class/:on/workout',
            component: () => import('./today/WorkoutPage.vue'),
            props: true,
            meta: { title: 'Class workout' },
        },
        { path: '/people', component: () => import('./roster/RosterPage.vue'), meta: { title: 'People' } },
        { path: '/people/new', component: () => import('./roster/NewAthletePage.vue'), meta: { title: 'Add an athlete', right: 'coach' } },
        { path: '/people/:id', component: () => import('./athlete/AthletePage.vue'), props: true, meta: { title: 'Athlete' } },
        {
            path: '/people/:id/edit',
            component: () => import('./athlete/EditAthletePage.vue'),
            props: true,
            meta: { title: 'Change an athlete', right: 'coach' },
        },
        { path: '/people/:id/body', component: () => import('./athlete/BodyPage.vue'), props: true, meta: { title: 'Body' } },
        { path: '/people/:id/notes', component: () => import('./athlete/NotesPage.vue'), props: true, meta: { title: 'Notes' } },
        { path: '/people/:id/trend', component: () => import('./athlete/TrendPage.vue'), props: true, meta: { title: 'Trend' } },
        {
            path: '/people/:id/screens',
            component: () => import('./athlete/ScreensPage.vue'),
            props: true,
            meta: { title: 'Screens', right: 'health' },
        },
        {
            path: '/people/:id/consent',
            component: () => import('./athlete/ConsentPage.vue'),
            props: true,
            meta: { title: 'Consent', right: 'health' },
        },
        {
            path: '/people/:id/link',
            component: () => import('./athlete/LinkPage.vue'),
            props: true,
            meta: { title: 'Own page', right: 'coach' },
        },
        {
            path: '/people/:id/erase',
            component: () => import('./erase/ErasePage.vue'),
            props: true,
            meta: { title: 'Erase', right: 'gym' },
        },
        { path: '/people/:id/setups', component: () => import('./setups/SetupsPage.vue'), props: true, meta: { title: 'Any set-up' } },
        { path: '/people/:id/card', component: () => import('./cards/CardPage.vue'), props: true, meta: { title: 'Card' } },
        { path: '/people/:id/session', component: () => import('./sessions/SessionPage.vue'), props: true, meta: { title: 'Session' } },
        { path: '/people/:id/weeks', component: () => import('./sessions/WeeksPage.vue'), props: true, meta: { title: 'Weeks ahead' } },
        {
            path: '/people/:id/compare',
            component: () => import('./methods/ComparePage.vue'),
            props: true,
            meta: { title: 'Two methods compared', right: 'coach' },
        },
        { path: '/methods', component: () => import('./methods/MethodsPage.vue'), meta: { title: 'Methods' } },
        { path: '/methods/rules', component: () => import('./methods/RulesPage.vue'), meta: { title: 'House rules' } },
        { path: '/methods/:method', component: () => import('./methods/MethodPage.vue'), props: true, meta: { title: 'Method' } },
        { path: '/cards', component: () => import('./cards/ClassCardsPage.vue'), meta: { title: 'Cards of the class' } },
        { path: '/reports', component: () => import('./reports/ReportsPage.vue'), meta: { title: 'Reports' } },
        { path: '/log', component: () => import('./log/LogPage.vue'), meta: { title: 'Log' } },
        { path: '/imports', component: () => import('./imports/ImportsPage.vue'), meta: { title: 'Bring in', right: 'records' } },
        { path: '/calls', component: () => import('./calls/CallsPage.vue'), meta: { title: 'Calls' } },
        { path: '/kit', component: () => import('./kit/KitPage.vue'), meta: { title: 'Kit' } },
        { path: '/staff', component: () => import('./staff/StaffPage.vue'), meta: { title: 'Staff', right: 'gym' } },
        { path: '/scripts', component: () => import('./scripts/ScriptsPage.vue'), meta: { title: 'Scripts and webhooks', right: 'gym' } },
        { path: '/audit', component: () => import('./staff/AuditPage.vue'), meta: { title: 'What was done', right: 'gym' } },
        { path: '/mailbox', component: () => import('./staff/MailboxPage.vue'), meta: { title: 'Mailbox', right: 'gym' } },
        { path: '/kept', component: () => import('./settings/KeptPage.vue'), meta: { title: 'What is kept, and why' } },
        { path: '/settings', component: () => import('./settings/SettingsPage.vue'), meta: { title: 'Settings' } },
        {
            path: '/parts',
            component: () => import('./dev/PartsPage.vue'),
            beforeEnter: async (to) => {
                const session = useSession();
                await until(() => session.asked).toBe(true);
                return (to.query['dev'] !== undefined && session.me?.demo === true) || '/settings';
            },
            meta: { title: 'Parts' },
        },
        { path: '/password', component: () => import('./sign-in/ChoosePassword.vue'), meta: { title: 'Choose a password', own: true } },
        { path: '/my', component: () => import('./own/OwnPage.vue'), meta: { title: 'My page', own: true } },
        { path: '/cautions', component: () => import('./cautions/CautionsPage.vue'), meta: { title: 'Cautions' } },
        { path: '/:rest(.*)*', component: () => import('./shell/NothingHere.vue'), meta: { title: 'Nothing here' } },
    ],
});

router.afterEach((to) => {
    document.title = `${String(to.meta.title ?? '')} · Steady Rung`;
});
