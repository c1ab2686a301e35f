import '../css/app.css';
import '@/chart/coat-chart.css';
import { createApp } from 'vue';
import App from './App.vue';
import { router } from './router';
import { keepOnDevice } from '@/device/keepOnDevice';

createApp(App).use(router).mount('#app');
keepOnDevice();
